package android.app.job;

public class JobScheduler {
    public static JobInfo planned;
    public static int times;

    public JobInfo getPendingJob(int id) {
        return planned;
    }

    public int schedule(JobInfo job) {
        planned = job;
        times++;
        return 1;
    }
}

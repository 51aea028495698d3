package android.app.job;

import android.app.Service;
import java.util.concurrent.LinkedBlockingQueue;

public abstract class JobService extends Service {
    /** Whether each finished job wants to be tried again. */
    public final LinkedBlockingQueue<Boolean> finished = new LinkedBlockingQueue<>();

    public abstract boolean onStartJob(JobParameters parameters);

    public abstract boolean onStopJob(JobParameters parameters);

    public void jobFinished(JobParameters parameters, boolean again) {
        finished.add(again);
    }
}

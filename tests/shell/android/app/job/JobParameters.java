package android.app.job;

public class JobParameters {}

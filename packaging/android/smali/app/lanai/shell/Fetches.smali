.class public Lapp/lanai/shell/Fetches;
.super Landroid/app/job/JobService;

# Fetches the app's messages about every quarter of an hour, as often as the system lets a package that no carrier reaches.

.method public constructor <init>()V
    .registers 1
    invoke-direct {p0}, Landroid/app/job/JobService;-><init>()V
    return-void
.end method

.method public static manager(Landroid/content/Context;)Landroid/app/NotificationManager;
    .registers 3
    const-string v0, "notification"
    invoke-virtual {p0, v0}, Landroid/content/Context;->getSystemService(Ljava/lang/String;)Ljava/lang/Object;
    move-result-object v0
    check-cast v0, Landroid/app/NotificationManager;
    return-object v0
.end method

.method public static kept(Landroid/content/Context;)Landroid/content/SharedPreferences;
    .registers 4
    const-string v0, "messages"
    const/4 v1, 0x0
    invoke-virtual {p0, v0, v1}, Landroid/content/Context;->getSharedPreferences(Ljava/lang/String;I)Landroid/content/SharedPreferences;
    move-result-object v0
    return-object v0
.end method

# From where they are fetched from now on, also after the phone was off. One that is planned already stays as it is.
.method public static from(Landroid/content/Context;Ljava/lang/String;)V
    .registers 7
    invoke-static {p0}, Lapp/lanai/shell/Fetches;->kept(Landroid/content/Context;)Landroid/content/SharedPreferences;
    move-result-object v0
    invoke-interface {v0}, Landroid/content/SharedPreferences;->edit()Landroid/content/SharedPreferences$Editor;
    move-result-object v0
    const-string v1, "from"
    invoke-interface {v0, v1, p1}, Landroid/content/SharedPreferences$Editor;->putString(Ljava/lang/String;Ljava/lang/String;)Landroid/content/SharedPreferences$Editor;
    invoke-interface {v0}, Landroid/content/SharedPreferences$Editor;->apply()V
    const-string v0, "jobscheduler"
    invoke-virtual {p0, v0}, Landroid/content/Context;->getSystemService(Ljava/lang/String;)Ljava/lang/Object;
    move-result-object v0
    check-cast v0, Landroid/app/job/JobScheduler;
    const/16 v1, 0x4c
    invoke-virtual {v0, v1}, Landroid/app/job/JobScheduler;->getPendingJob(I)Landroid/app/job/JobInfo;
    move-result-object v2
    if-nez v2, :planned
    new-instance v2, Landroid/content/ComponentName;
    const-class v3, Lapp/lanai/shell/Fetches;
    invoke-direct {v2, p0, v3}, Landroid/content/ComponentName;-><init>(Landroid/content/Context;Ljava/lang/Class;)V
    new-instance v3, Landroid/app/job/JobInfo$Builder;
    invoke-direct {v3, v1, v2}, Landroid/app/job/JobInfo$Builder;-><init>(ILandroid/content/ComponentName;)V
    const/4 v1, 0x1
    invoke-virtual {v3, v1}, Landroid/app/job/JobInfo$Builder;->setRequiredNetworkType(I)Landroid/app/job/JobInfo$Builder;
    invoke-virtual {v3, v1}, Landroid/app/job/JobInfo$Builder;->setPersisted(Z)Landroid/app/job/JobInfo$Builder;
    # Fifteen minutes in milliseconds: more often the system does not.
    const-wide/32 v1, 0xdbba0
    invoke-virtual {v3, v1, v2}, Landroid/app/job/JobInfo$Builder;->setPeriodic(J)Landroid/app/job/JobInfo$Builder;
    invoke-virtual {v3}, Landroid/app/job/JobInfo$Builder;->build()Landroid/app/job/JobInfo;
    move-result-object v1
    invoke-virtual {v0, v1}, Landroid/app/job/JobScheduler;->schedule(Landroid/app/job/JobInfo;)I
    :planned
    return-void
.end method

.method public onStartJob(Landroid/app/job/JobParameters;)Z
    .registers 5
    new-instance v0, Ljava/lang/Thread;
    new-instance v1, Lapp/lanai/shell/Fetching;
    invoke-direct {v1, p0, p1}, Lapp/lanai/shell/Fetching;-><init>(Lapp/lanai/shell/Fetches;Landroid/app/job/JobParameters;)V
    invoke-direct {v0, v1}, Ljava/lang/Thread;-><init>(Ljava/lang/Runnable;)V
    invoke-virtual {v0}, Ljava/lang/Thread;->start()V
    const/4 v0, 0x1
    return v0
.end method

# The system has ended it: it is tried again.
.method public onStopJob(Landroid/app/job/JobParameters;)Z
    .registers 3
    const/4 v0, 0x1
    return v0
.end method

.class public Lapp/lanai/shell/Locks;
.super Lapp/lanai/shell/Ability;

# What the app shows is seen once the phone knows who holds it, by finger, face or code; away for half a minute, it is asked again.

.field private open:Z
.field private asking:Z
.field private left:J

.method public constructor <init>(Lapp/lanai/shell/MainActivity;)V
    .registers 4
    invoke-direct {p0, p1}, Lapp/lanai/shell/Ability;-><init>(Lapp/lanai/shell/MainActivity;)V
    # Nothing of it in pictures of the screen or among the open programs: FLAG_SECURE.
    invoke-virtual {p1}, Lapp/lanai/shell/MainActivity;->getWindow()Landroid/view/Window;
    move-result-object v0
    const/16 v1, 0x2000
    invoke-virtual {v0, v1, v1}, Landroid/view/Window;->setFlags(II)V
    return-void
.end method

.method private see(I)V
    .registers 4
    iget-object v0, p0, Lapp/lanai/shell/Locks;->activity:Lapp/lanai/shell/MainActivity;
    invoke-virtual {v0}, Lapp/lanai/shell/MainActivity;->web()Landroid/webkit/WebView;
    move-result-object v0
    invoke-virtual {v0, p1}, Landroid/webkit/WebView;->setVisibility(I)V
    return-void
.end method

.method public shown()V
    .registers 7
    iget-boolean v0, p0, Lapp/lanai/shell/Locks;->asking:Z
    if-nez v0, :done
    iget-boolean v0, p0, Lapp/lanai/shell/Locks;->open:Z
    if-eqz v0, :ask
    invoke-static {}, Landroid/os/SystemClock;->elapsedRealtime()J
    move-result-wide v0
    iget-wide v2, p0, Lapp/lanai/shell/Locks;->left:J
    sub-long/2addr v0, v2
    const-wide/16 v2, 0x7530
    cmp-long v4, v0, v2
    if-lez v4, :done
    const/4 v0, 0x0
    iput-boolean v0, p0, Lapp/lanai/shell/Locks;->open:Z
    :ask
    iget-object v0, p0, Lapp/lanai/shell/Locks;->activity:Lapp/lanai/shell/MainActivity;
    const-string v1, "keyguard"
    invoke-virtual {v0, v1}, Lapp/lanai/shell/MainActivity;->getSystemService(Ljava/lang/String;)Ljava/lang/Object;
    move-result-object v1
    check-cast v1, Landroid/app/KeyguardManager;
    const-string v2, "{{name}}"
    const/4 v3, 0x0
    invoke-virtual {v1, v2, v3}, Landroid/app/KeyguardManager;->createConfirmDeviceCredentialIntent(Ljava/lang/CharSequence;Ljava/lang/CharSequence;)Landroid/content/Intent;
    move-result-object v1
    if-nez v1, :locked
    # A phone without a lock of its own keeps nobody out.
    const/4 v0, 0x1
    iput-boolean v0, p0, Lapp/lanai/shell/Locks;->open:Z
    goto :done
    :locked
    const/4 v2, 0x1
    iput-boolean v2, p0, Lapp/lanai/shell/Locks;->asking:Z
    const/4 v2, 0x4
    invoke-direct {p0, v2}, Lapp/lanai/shell/Locks;->see(I)V
    const/16 v2, 0x47
    invoke-virtual {v0, v1, v2}, Lapp/lanai/shell/MainActivity;->startActivityForResult(Landroid/content/Intent;I)V
    :done
    return-void
.end method

.method public hidden()V
    .registers 3
    iget-boolean v0, p0, Lapp/lanai/shell/Locks;->asking:Z
    if-nez v0, :done
    invoke-static {}, Landroid/os/SystemClock;->elapsedRealtime()J
    move-result-wide v0
    iput-wide v0, p0, Lapp/lanai/shell/Locks;->left:J
    :done
    return-void
.end method

.method public result(IILandroid/content/Intent;)Z
    .registers 6
    const/16 v0, 0x47
    if-eq p1, v0, :mine
    const/4 v0, 0x0
    return v0
    :mine
    const/4 v0, 0x0
    iput-boolean v0, p0, Lapp/lanai/shell/Locks;->asking:Z
    const/4 v1, -0x1
    if-ne p2, v1, :refused
    invoke-direct {p0, v0}, Lapp/lanai/shell/Locks;->see(I)V
    const/4 v0, 0x1
    iput-boolean v0, p0, Lapp/lanai/shell/Locks;->open:Z
    invoke-static {}, Landroid/os/SystemClock;->elapsedRealtime()J
    move-result-wide v0
    iput-wide v0, p0, Lapp/lanai/shell/Locks;->left:J
    goto :done
    :refused
    iget-object v0, p0, Lapp/lanai/shell/Locks;->activity:Lapp/lanai/shell/MainActivity;
    invoke-virtual {v0}, Lapp/lanai/shell/MainActivity;->finish()V
    :done
    const/4 v0, 0x1
    return v0
.end method

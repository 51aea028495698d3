.class public Lapp/lanai/shell/Notifies;
.super Lapp/lanai/shell/Ability;

# Messages of the app: asks the person whether they may come, keeps where they are fetched from, and opens what was tapped.

.field private told:Ljava/lang/String;

.method public constructor <init>(Lapp/lanai/shell/MainActivity;)V
    .registers 2
    invoke-direct {p0, p1}, Lapp/lanai/shell/Ability;-><init>(Lapp/lanai/shell/MainActivity;)V
    return-void
.end method

.method public name()Ljava/lang/String;
    .registers 2
    const-string v0, "notify"
    return-object v0
.end method

# "ask": whether they may come. "told": the number of the message that was tapped, once. Else where they are fetched from, and after
# the end of the line what is sent there.
.method public answer(Ljava/lang/String;)Ljava/lang/String;
    .registers 5
    const-string v0, "ask"
    invoke-virtual {v0, p1}, Ljava/lang/String;->equals(Ljava/lang/Object;)Z
    move-result v0
    if-eqz v0, :asksnot
    invoke-direct {p0}, Lapp/lanai/shell/Notifies;->ask()Ljava/lang/String;
    move-result-object v0
    return-object v0
    :asksnot
    const-string v0, "told"
    invoke-virtual {v0, p1}, Ljava/lang/String;->equals(Ljava/lang/Object;)Z
    move-result v0
    if-eqz v0, :keep
    iget-object v0, p0, Lapp/lanai/shell/Notifies;->told:Ljava/lang/String;
    const/4 v1, 0x0
    iput-object v1, p0, Lapp/lanai/shell/Notifies;->told:Ljava/lang/String;
    if-nez v0, :known
    const-string v0, ""
    :known
    return-object v0
    :keep
    iget-object v0, p0, Lapp/lanai/shell/Notifies;->activity:Lapp/lanai/shell/MainActivity;
    invoke-static {v0, p1}, Lapp/lanai/shell/Fetches;->from(Landroid/content/Context;Ljava/lang/String;)V
    const-string v0, "kept"
    return-object v0
.end method

# "allowed", "refused", or "asked" where the person has still to answer. Before Android 13 nobody is asked.
.method private ask()Ljava/lang/String;
    .registers 6
    iget-object v0, p0, Lapp/lanai/shell/Notifies;->activity:Lapp/lanai/shell/MainActivity;
    sget v1, Landroid/os/Build$VERSION;->SDK_INT:I
    const/16 v2, 0x21
    if-lt v1, v2, :older
    const-string v2, "android.permission.POST_NOTIFICATIONS"
    invoke-virtual {v0, v2}, Lapp/lanai/shell/MainActivity;->checkSelfPermission(Ljava/lang/String;)I
    move-result v1
    if-eqz v1, :older
    const/4 v1, 0x1
    new-array v1, v1, [Ljava/lang/String;
    const/4 v3, 0x0
    aput-object v2, v1, v3
    const/16 v2, 0x1004
    invoke-virtual {v0, v1, v2}, Lapp/lanai/shell/MainActivity;->requestPermissions([Ljava/lang/String;I)V
    const-string v0, "asked"
    return-object v0
    :older
    invoke-static {v0}, Lapp/lanai/shell/Fetches;->manager(Landroid/content/Context;)Landroid/app/NotificationManager;
    move-result-object v1
    invoke-virtual {v1}, Landroid/app/NotificationManager;->areNotificationsEnabled()Z
    move-result v1
    const-string v0, "refused"
    if-eqz v1, :known
    const-string v0, "allowed"
    :known
    return-object v0
.end method

# 0 is granted; where it was broken off there is no answer at all.
.method public permitted(I[I)Z
    .registers 8
    const/16 v0, 0x1004
    if-eq p1, v0, :mine
    const/4 v0, 0x0
    return v0
    :mine
    const/4 v1, 0x0
    const-string v2, "window.lanaiLeave&&lanaiLeave(false)"
    array-length v0, p2
    if-eqz v0, :known
    aget v0, p2, v1
    if-nez v0, :known
    const-string v2, "window.lanaiLeave&&lanaiLeave(true)"
    :known
    iget-object v0, p0, Lapp/lanai/shell/Notifies;->activity:Lapp/lanai/shell/MainActivity;
    invoke-virtual {v0}, Lapp/lanai/shell/MainActivity;->web()Landroid/webkit/WebView;
    move-result-object v0
    const/4 v3, 0x0
    invoke-virtual {v0, v2, v3}, Landroid/webkit/WebView;->evaluateJavascript(Ljava/lang/String;Landroid/webkit/ValueCallback;)V
    const/4 v0, 0x1
    return v0
.end method

# A message was tapped: where it leads, or null where the app only comes to the front.
.method public opened(Landroid/content/Intent;)Ljava/lang/String;
    .registers 5
    const-string v0, "app.lanai.told"
    invoke-virtual {p1}, Landroid/content/Intent;->getAction()Ljava/lang/String;
    move-result-object v1
    invoke-virtual {v0, v1}, Ljava/lang/String;->equals(Ljava/lang/Object;)Z
    move-result v1
    if-eqz v1, :none
    invoke-virtual {p1, v0}, Landroid/content/Intent;->getStringExtra(Ljava/lang/String;)Ljava/lang/String;
    move-result-object v0
    iput-object v0, p0, Lapp/lanai/shell/Notifies;->told:Ljava/lang/String;
    const-string v0, "app.lanai.place"
    invoke-virtual {p1, v0}, Landroid/content/Intent;->getStringExtra(Ljava/lang/String;)Ljava/lang/String;
    move-result-object v0
    if-eqz v0, :none
    invoke-virtual {v0}, Ljava/lang/String;->length()I
    move-result v1
    if-eqz v1, :none
    return-object v0
    :none
    const/4 v0, 0x0
    return-object v0
.end method

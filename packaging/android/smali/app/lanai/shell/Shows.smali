.class public Lapp/lanai/shell/Shows;
.super Ljava/lang/Object;

# Shows one message among those of the phone. The same one a second time, or one that replaces another, takes its place.

.method public static message(Landroid/content/Context;Lorg/json/JSONObject;)V
    .registers 10
    const-string v0, "id"
    invoke-virtual {p1, v0}, Lorg/json/JSONObject;->getString(Ljava/lang/String;)Ljava/lang/String;
    move-result-object v0
    invoke-static {p0, p1}, Lapp/lanai/shell/Shows;->builder(Landroid/content/Context;Lorg/json/JSONObject;)Landroid/app/Notification$Builder;
    move-result-object v1
    invoke-virtual {p0}, Landroid/content/Context;->getResources()Landroid/content/res/Resources;
    move-result-object v2
    const-string v3, "ic_message"
    const-string v4, "drawable"
    invoke-virtual {p0}, Landroid/content/Context;->getPackageName()Ljava/lang/String;
    move-result-object v5
    invoke-virtual {v2, v3, v4, v5}, Landroid/content/res/Resources;->getIdentifier(Ljava/lang/String;Ljava/lang/String;Ljava/lang/String;)I
    move-result v2
    invoke-virtual {v1, v2}, Landroid/app/Notification$Builder;->setSmallIcon(I)Landroid/app/Notification$Builder;
    const v2, {{main}}
    invoke-virtual {v1, v2}, Landroid/app/Notification$Builder;->setColor(I)Landroid/app/Notification$Builder;
    const-string v2, "title"
    invoke-virtual {p1, v2}, Lorg/json/JSONObject;->getString(Ljava/lang/String;)Ljava/lang/String;
    move-result-object v2
    invoke-virtual {v1, v2}, Landroid/app/Notification$Builder;->setContentTitle(Ljava/lang/CharSequence;)Landroid/app/Notification$Builder;
    const-string v2, "text"
    invoke-virtual {p1, v2}, Lorg/json/JSONObject;->getString(Ljava/lang/String;)Ljava/lang/String;
    move-result-object v2
    invoke-virtual {v1, v2}, Landroid/app/Notification$Builder;->setContentText(Ljava/lang/CharSequence;)Landroid/app/Notification$Builder;
    const/4 v3, 0x1
    invoke-virtual {v1, v3}, Landroid/app/Notification$Builder;->setAutoCancel(Z)Landroid/app/Notification$Builder;
    const-string v3, "picture"
    invoke-virtual {p1, v3}, Lorg/json/JSONObject;->getString(Ljava/lang/String;)Ljava/lang/String;
    move-result-object v3
    invoke-static {v3}, Lapp/lanai/shell/Shows;->picture(Ljava/lang/String;)Landroid/graphics/Bitmap;
    move-result-object v3
    if-eqz v3, :plain
    new-instance v4, Landroid/app/Notification$BigPictureStyle;
    invoke-direct {v4}, Landroid/app/Notification$BigPictureStyle;-><init>()V
    invoke-virtual {v4, v3}, Landroid/app/Notification$BigPictureStyle;->bigPicture(Landroid/graphics/Bitmap;)Landroid/app/Notification$BigPictureStyle;
    invoke-virtual {v4, v2}, Landroid/app/Notification$BigPictureStyle;->setSummaryText(Ljava/lang/CharSequence;)Landroid/app/Notification$BigPictureStyle;
    invoke-virtual {v1, v3}, Landroid/app/Notification$Builder;->setLargeIcon(Landroid/graphics/Bitmap;)Landroid/app/Notification$Builder;
    goto :styled
    :plain
    new-instance v4, Landroid/app/Notification$BigTextStyle;
    invoke-direct {v4}, Landroid/app/Notification$BigTextStyle;-><init>()V
    invoke-virtual {v4, v2}, Landroid/app/Notification$BigTextStyle;->bigText(Ljava/lang/CharSequence;)Landroid/app/Notification$BigTextStyle;
    :styled
    invoke-virtual {v1, v4}, Landroid/app/Notification$Builder;->setStyle(Landroid/app/Notification$Style;)Landroid/app/Notification$Builder;
    const-string v2, "place"
    invoke-virtual {p1, v2}, Lorg/json/JSONObject;->getString(Ljava/lang/String;)Ljava/lang/String;
    move-result-object v2
    invoke-static {p0, v0, v2}, Lapp/lanai/shell/Shows;->opens(Landroid/content/Context;Ljava/lang/String;Ljava/lang/String;)Landroid/app/PendingIntent;
    move-result-object v2
    invoke-virtual {v1, v2}, Landroid/app/Notification$Builder;->setContentIntent(Landroid/app/PendingIntent;)Landroid/app/Notification$Builder;
    const-string v2, "tag"
    invoke-virtual {p1, v2}, Lorg/json/JSONObject;->getString(Ljava/lang/String;)Ljava/lang/String;
    move-result-object v2
    invoke-virtual {v2}, Ljava/lang/String;->length()I
    move-result v3
    if-nez v3, :tagged
    move-object v2, v0
    :tagged
    invoke-virtual {v1}, Landroid/app/Notification$Builder;->build()Landroid/app/Notification;
    move-result-object v1
    invoke-static {p0}, Lapp/lanai/shell/Fetches;->manager(Landroid/content/Context;)Landroid/app/NotificationManager;
    move-result-object v0
    const/4 v3, 0x1
    invoke-virtual {v0, v2, v3, v1}, Landroid/app/NotificationManager;->notify(Ljava/lang/String;ILandroid/app/Notification;)V
    return-void
.end method

# From Android 8 on a message comes on a channel, which the person finds in the settings of the phone; what is silent on one beside it.
.method private static builder(Landroid/content/Context;Lorg/json/JSONObject;)Landroid/app/Notification$Builder;
    .registers 9
    const-string v0, "silent"
    invoke-virtual {p1, v0}, Lorg/json/JSONObject;->getBoolean(Ljava/lang/String;)Z
    move-result v0
    sget v1, Landroid/os/Build$VERSION;->SDK_INT:I
    const/16 v2, 0x1a
    if-ge v1, v2, :channels
    new-instance v1, Landroid/app/Notification$Builder;
    invoke-direct {v1, p0}, Landroid/app/Notification$Builder;-><init>(Landroid/content/Context;)V
    if-nez v0, :silent
    const/4 v0, 0x1
    invoke-virtual {v1, v0}, Landroid/app/Notification$Builder;->setDefaults(I)Landroid/app/Notification$Builder;
    :silent
    return-object v1
    :channels
    const-string v1, "channel"
    invoke-virtual {p1, v1}, Lorg/json/JSONObject;->getString(Ljava/lang/String;)Ljava/lang/String;
    move-result-object v1
    const-string v2, "channelName"
    invoke-virtual {p1, v2}, Lorg/json/JSONObject;->getString(Ljava/lang/String;)Ljava/lang/String;
    move-result-object v2
    invoke-virtual {v2}, Ljava/lang/String;->length()I
    move-result v3
    if-nez v3, :named
    const-string v2, "{{name}}"
    :named
    # 3 makes a sound, 2 none.
    const/4 v3, 0x3
    if-eqz v0, :loud
    const/4 v3, 0x2
    const-string v0, "/silent"
    invoke-virtual {v1, v0}, Ljava/lang/String;->concat(Ljava/lang/String;)Ljava/lang/String;
    move-result-object v1
    const-string v0, " \ud83d\udd15"
    invoke-virtual {v2, v0}, Ljava/lang/String;->concat(Ljava/lang/String;)Ljava/lang/String;
    move-result-object v2
    :loud
    const-string v0, "app/"
    invoke-virtual {v0, v1}, Ljava/lang/String;->concat(Ljava/lang/String;)Ljava/lang/String;
    move-result-object v1
    new-instance v0, Landroid/app/NotificationChannel;
    invoke-direct {v0, v1, v2, v3}, Landroid/app/NotificationChannel;-><init>(Ljava/lang/String;Ljava/lang/CharSequence;I)V
    invoke-static {p0}, Lapp/lanai/shell/Fetches;->manager(Landroid/content/Context;)Landroid/app/NotificationManager;
    move-result-object v2
    invoke-virtual {v2, v0}, Landroid/app/NotificationManager;->createNotificationChannel(Landroid/app/NotificationChannel;)V
    new-instance v0, Landroid/app/Notification$Builder;
    invoke-direct {v0, p0, v1}, Landroid/app/Notification$Builder;-><init>(Landroid/content/Context;Ljava/lang/String;)V
    return-object v0
.end method

# The app, where the message leads; nobody else can change it on the way.
.method private static opens(Landroid/content/Context;Ljava/lang/String;Ljava/lang/String;)Landroid/app/PendingIntent;
    .registers 7
    new-instance v0, Landroid/content/Intent;
    const-class v1, Lapp/lanai/shell/MainActivity;
    invoke-direct {v0, p0, v1}, Landroid/content/Intent;-><init>(Landroid/content/Context;Ljava/lang/Class;)V
    const-string v1, "app.lanai.told"
    invoke-virtual {v0, v1}, Landroid/content/Intent;->setAction(Ljava/lang/String;)Landroid/content/Intent;
    invoke-virtual {v0, v1, p1}, Landroid/content/Intent;->putExtra(Ljava/lang/String;Ljava/lang/String;)Landroid/content/Intent;
    const-string v1, "app.lanai.place"
    invoke-virtual {v0, v1, p2}, Landroid/content/Intent;->putExtra(Ljava/lang/String;Ljava/lang/String;)Landroid/content/Intent;
    invoke-virtual {p1}, Ljava/lang/String;->hashCode()I
    move-result v1
    # FLAG_IMMUTABLE and FLAG_UPDATE_CURRENT.
    const/high16 v2, 0xc000000
    invoke-static {p0, v1, v0, v2}, Landroid/app/PendingIntent;->getActivity(Landroid/content/Context;ILandroid/content/Intent;I)Landroid/app/PendingIntent;
    move-result-object v0
    return-object v0
.end method

# Null where there is none, or it does not come: the message is shown all the same.
.method private static picture(Ljava/lang/String;)Landroid/graphics/Bitmap;
    .registers 4
    invoke-virtual {p0}, Ljava/lang/String;->length()I
    move-result v0
    if-eqz v0, :none
    :try_start
    new-instance v0, Ljava/net/URL;
    invoke-direct {v0, p0}, Ljava/net/URL;-><init>(Ljava/lang/String;)V
    invoke-virtual {v0}, Ljava/net/URL;->openConnection()Ljava/net/URLConnection;
    move-result-object v0
    const/16 v1, 0x3a98
    invoke-virtual {v0, v1}, Ljava/net/URLConnection;->setConnectTimeout(I)V
    invoke-virtual {v0, v1}, Ljava/net/URLConnection;->setReadTimeout(I)V
    invoke-virtual {v0}, Ljava/net/URLConnection;->getInputStream()Ljava/io/InputStream;
    move-result-object v0
    invoke-static {v0}, Landroid/graphics/BitmapFactory;->decodeStream(Ljava/io/InputStream;)Landroid/graphics/Bitmap;
    move-result-object v1
    invoke-virtual {v0}, Ljava/io/InputStream;->close()V
    :try_end
    .catch Ljava/io/IOException; {:try_start .. :try_end} :lost
    return-object v1
    :lost
    move-exception v0
    :none
    const/4 v0, 0x0
    return-object v0
.end method

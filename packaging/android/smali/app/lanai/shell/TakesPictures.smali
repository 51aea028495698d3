.class public Lapp/lanai/shell/TakesPictures;
.super Lapp/lanai/shell/ChoosesFiles;

# Where a picture is asked for, the camera is offered beside those there. The phone's own camera takes it: the app needs no permission.

.field private name:Ljava/lang/String;

.method public constructor <init>(Lapp/lanai/shell/MainActivity;)V
    .registers 2
    invoke-direct {p0, p1}, Lapp/lanai/shell/ChoosesFiles;-><init>(Lapp/lanai/shell/MainActivity;)V
    return-void
.end method

.method private static pictures([Ljava/lang/String;)Z
    .registers 4
    if-eqz p0, :no
    array-length v0, p0
    if-eqz v0, :no
    const/4 v0, 0x0
    aget-object v0, p0, v0
    const-string v1, "image/"
    invoke-virtual {v0, v1}, Ljava/lang/String;->startsWith(Ljava/lang/String;)Z
    move-result v0
    return v0
    :no
    const/4 v0, 0x0
    return v0
.end method

.method private uri()Landroid/net/Uri;
    .registers 3
    iget-object v0, p0, Lapp/lanai/shell/TakesPictures;->name:Ljava/lang/String;
    const-string v1, "content://{{package}}.taken/"
    invoke-virtual {v1, v0}, Ljava/lang/String;->concat(Ljava/lang/String;)Ljava/lang/String;
    move-result-object v0
    invoke-static {v0}, Landroid/net/Uri;->parse(Ljava/lang/String;)Landroid/net/Uri;
    move-result-object v0
    return-object v0
.end method

.method protected offer(Landroid/content/Intent;Landroid/webkit/WebChromeClient$FileChooserParams;)V
    .registers 8
    invoke-virtual {p2}, Landroid/webkit/WebChromeClient$FileChooserParams;->getAcceptTypes()[Ljava/lang/String;
    move-result-object v0
    invoke-static {v0}, Lapp/lanai/shell/TakesPictures;->pictures([Ljava/lang/String;)Z
    move-result v0
    if-eqz v0, :done
    invoke-static {}, Ljava/lang/System;->currentTimeMillis()J
    move-result-wide v0
    invoke-static {v0, v1}, Ljava/lang/Long;->toString(J)Ljava/lang/String;
    move-result-object v0
    const-string v1, ".jpg"
    invoke-virtual {v0, v1}, Ljava/lang/String;->concat(Ljava/lang/String;)Ljava/lang/String;
    move-result-object v0
    iput-object v0, p0, Lapp/lanai/shell/TakesPictures;->name:Ljava/lang/String;
    new-instance v0, Landroid/content/Intent;
    const-string v1, "android.media.action.IMAGE_CAPTURE"
    invoke-direct {v0, v1}, Landroid/content/Intent;-><init>(Ljava/lang/String;)V
    invoke-direct {p0}, Lapp/lanai/shell/TakesPictures;->uri()Landroid/net/Uri;
    move-result-object v1
    const-string v2, "output"
    invoke-virtual {v0, v2, v1}, Landroid/content/Intent;->putExtra(Ljava/lang/String;Landroid/os/Parcelable;)Landroid/content/Intent;
    # The camera may read and write this one address: 1 and 2. It is granted for what the intent carries as a clip.
    const/4 v2, 0x0
    invoke-static {v2, v1}, Landroid/content/ClipData;->newRawUri(Ljava/lang/CharSequence;Landroid/net/Uri;)Landroid/content/ClipData;
    move-result-object v1
    invoke-virtual {v0, v1}, Landroid/content/Intent;->setClipData(Landroid/content/ClipData;)V
    const/4 v1, 0x3
    invoke-virtual {v0, v1}, Landroid/content/Intent;->addFlags(I)Landroid/content/Intent;
    const/4 v1, 0x1
    new-array v1, v1, [Landroid/os/Parcelable;
    const/4 v2, 0x0
    aput-object v0, v1, v2
    const-string v2, "android.intent.extra.INITIAL_INTENTS"
    invoke-virtual {p1, v2, v1}, Landroid/content/Intent;->putExtra(Ljava/lang/String;[Landroid/os/Parcelable;)Landroid/content/Intent;
    :done
    return-void
.end method

# The camera brings nothing back but the file that it has written.
.method protected chosen(ILandroid/content/Intent;)[Landroid/net/Uri;
    .registers 7
    invoke-super {p0, p1, p2}, Lapp/lanai/shell/ChoosesFiles;->chosen(ILandroid/content/Intent;)[Landroid/net/Uri;
    move-result-object v0
    if-nez v0, :done
    iget-object v1, p0, Lapp/lanai/shell/TakesPictures;->name:Ljava/lang/String;
    if-eqz v1, :done
    const/4 v2, -0x1
    if-ne p1, v2, :done
    iget-object v2, p0, Lapp/lanai/shell/TakesPictures;->activity:Lapp/lanai/shell/MainActivity;
    invoke-virtual {v2}, Lapp/lanai/shell/MainActivity;->getCacheDir()Ljava/io/File;
    move-result-object v2
    new-instance v3, Ljava/io/File;
    invoke-direct {v3, v2, v1}, Ljava/io/File;-><init>(Ljava/io/File;Ljava/lang/String;)V
    invoke-virtual {v3}, Ljava/io/File;->length()J
    move-result-wide v1
    long-to-int v1, v1
    if-eqz v1, :done
    const/4 v0, 0x1
    new-array v0, v0, [Landroid/net/Uri;
    invoke-direct {p0}, Lapp/lanai/shell/TakesPictures;->uri()Landroid/net/Uri;
    move-result-object v1
    const/4 v2, 0x0
    aput-object v1, v0, v2
    :done
    return-object v0
.end method

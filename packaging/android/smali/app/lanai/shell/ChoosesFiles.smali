.class public Lapp/lanai/shell/ChoosesFiles;
.super Lapp/lanai/shell/Ability;

# Lets the person choose a file of the phone; the page gets that one and sees no other.

.field private waiting:Landroid/webkit/ValueCallback;

.method public constructor <init>(Lapp/lanai/shell/MainActivity;)V
    .registers 2
    invoke-direct {p0, p1}, Lapp/lanai/shell/Ability;-><init>(Lapp/lanai/shell/MainActivity;)V
    return-void
.end method

.method public choose(Landroid/webkit/ValueCallback;Landroid/webkit/WebChromeClient$FileChooserParams;)Z
    .registers 6
    const/4 v1, 0x0
    invoke-direct {p0, v1}, Lapp/lanai/shell/ChoosesFiles;->give([Landroid/net/Uri;)V
    iput-object p1, p0, Lapp/lanai/shell/ChoosesFiles;->waiting:Landroid/webkit/ValueCallback;
    invoke-virtual {p2}, Landroid/webkit/WebChromeClient$FileChooserParams;->createIntent()Landroid/content/Intent;
    move-result-object v0
    invoke-static {v0, v1}, Landroid/content/Intent;->createChooser(Landroid/content/Intent;Ljava/lang/CharSequence;)Landroid/content/Intent;
    move-result-object v0
    invoke-virtual {p0, v0, p2}, Lapp/lanai/shell/ChoosesFiles;->offer(Landroid/content/Intent;Landroid/webkit/WebChromeClient$FileChooserParams;)V
    :try_start
    iget-object v1, p0, Lapp/lanai/shell/ChoosesFiles;->activity:Lapp/lanai/shell/MainActivity;
    const/16 v2, 0x1001
    invoke-virtual {v1, v0, v2}, Lapp/lanai/shell/MainActivity;->startActivityForResult(Landroid/content/Intent;I)V
    :try_end
    .catch Landroid/content/ActivityNotFoundException; {:try_start .. :try_end} :nobody
    :done
    const/4 v0, 0x1
    return v0
    :nobody
    move-exception v0
    const/4 v1, 0x0
    invoke-direct {p0, v1}, Lapp/lanai/shell/ChoosesFiles;->give([Landroid/net/Uri;)V
    goto :done
.end method

# What may be offered besides the files there.
.method protected offer(Landroid/content/Intent;Landroid/webkit/WebChromeClient$FileChooserParams;)V
    .registers 3
    return-void
.end method

# What was chosen; null for nothing.
.method protected chosen(ILandroid/content/Intent;)[Landroid/net/Uri;
    .registers 4
    invoke-static {p1, p2}, Landroid/webkit/WebChromeClient$FileChooserParams;->parseResult(ILandroid/content/Intent;)[Landroid/net/Uri;
    move-result-object v0
    return-object v0
.end method

.method public result(IILandroid/content/Intent;)Z
    .registers 6
    const/16 v0, 0x1001
    if-eq p1, v0, :mine
    const/4 v0, 0x0
    return v0
    :mine
    invoke-virtual {p0, p2, p3}, Lapp/lanai/shell/ChoosesFiles;->chosen(ILandroid/content/Intent;)[Landroid/net/Uri;
    move-result-object v0
    invoke-direct {p0, v0}, Lapp/lanai/shell/ChoosesFiles;->give([Landroid/net/Uri;)V
    const/4 v0, 0x1
    return v0
.end method

# A page that waits is answered once: else it could never ask again.
.method private give([Landroid/net/Uri;)V
    .registers 4
    iget-object v0, p0, Lapp/lanai/shell/ChoosesFiles;->waiting:Landroid/webkit/ValueCallback;
    if-eqz v0, :nobody
    const/4 v1, 0x0
    iput-object v1, p0, Lapp/lanai/shell/ChoosesFiles;->waiting:Landroid/webkit/ValueCallback;
    invoke-interface {v0, p1}, Landroid/webkit/ValueCallback;->onReceiveValue(Ljava/lang/Object;)V
    :nobody
    return-void
.end method

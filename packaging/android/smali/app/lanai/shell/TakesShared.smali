.class public Lapp/lanai/shell/TakesShared;
.super Lapp/lanai/shell/Ability;

# A text that another program shares opens the screen that takes it.

.method public constructor <init>(Lapp/lanai/shell/MainActivity;)V
    .registers 2
    invoke-direct {p0, p1}, Lapp/lanai/shell/Ability;-><init>(Lapp/lanai/shell/MainActivity;)V
    return-void
.end method

.method public opened(Landroid/content/Intent;)Ljava/lang/String;
    .registers 5
    const-string v0, "android.intent.action.SEND"
    invoke-virtual {p1}, Landroid/content/Intent;->getAction()Ljava/lang/String;
    move-result-object v1
    invoke-virtual {v0, v1}, Ljava/lang/String;->equals(Ljava/lang/Object;)Z
    move-result v0
    if-eqz v0, :none
    const-string v0, "android.intent.extra.TEXT"
    invoke-virtual {p1, v0}, Landroid/content/Intent;->getStringExtra(Ljava/lang/String;)Ljava/lang/String;
    move-result-object v0
    if-eqz v0, :none
    invoke-virtual {v0}, Ljava/lang/String;->length()I
    move-result v1
    const/16 v2, 0x7d0
    if-le v1, v2, :fits
    const/4 v1, 0x0
    invoke-virtual {v0, v1, v2}, Ljava/lang/String;->substring(II)Ljava/lang/String;
    move-result-object v0
    :fits
    invoke-static {v0}, Landroid/net/Uri;->encode(Ljava/lang/String;)Ljava/lang/String;
    move-result-object v0
    const-string v1, "/{{shared}}/~"
    invoke-virtual {v1, v0}, Ljava/lang/String;->concat(Ljava/lang/String;)Ljava/lang/String;
    move-result-object v0
    return-object v0
    :none
    const/4 v0, 0x0
    return-object v0
.end method

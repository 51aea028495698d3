.class public Lapp/lanai/shell/Shares;
.super Lapp/lanai/shell/Ability;

# Hands a text to another program that the person chooses.

.method public constructor <init>(Lapp/lanai/shell/MainActivity;)V
    .registers 2
    invoke-direct {p0, p1}, Lapp/lanai/shell/Ability;-><init>(Lapp/lanai/shell/MainActivity;)V
    return-void
.end method

.method public name()Ljava/lang/String;
    .registers 2
    const-string v0, "share"
    return-object v0
.end method

.method public answer(Ljava/lang/String;)Ljava/lang/String;
    .registers 5
    new-instance v0, Landroid/content/Intent;
    const-string v1, "android.intent.action.SEND"
    invoke-direct {v0, v1}, Landroid/content/Intent;-><init>(Ljava/lang/String;)V
    const-string v1, "text/plain"
    invoke-virtual {v0, v1}, Landroid/content/Intent;->setType(Ljava/lang/String;)Landroid/content/Intent;
    const-string v1, "android.intent.extra.TEXT"
    invoke-virtual {v0, v1, p1}, Landroid/content/Intent;->putExtra(Ljava/lang/String;Ljava/lang/String;)Landroid/content/Intent;
    const/4 v1, 0x0
    invoke-static {v0, v1}, Landroid/content/Intent;->createChooser(Landroid/content/Intent;Ljava/lang/CharSequence;)Landroid/content/Intent;
    move-result-object v0
    iget-object v1, p0, Lapp/lanai/shell/Shares;->activity:Lapp/lanai/shell/MainActivity;
    invoke-virtual {v1, v0}, Lapp/lanai/shell/MainActivity;->startActivity(Landroid/content/Intent;)V
    const-string v0, "shared"
    return-object v0
.end method

.class public Lapp/lanai/shell/Saves;
.super Lapp/lanai/shell/Ability;

# Writes a text into a file where the person wants it: {"name": ..., "type": ..., "text": ...}. No permission is needed for that.

.field private text:Ljava/lang/String;

.method public constructor <init>(Lapp/lanai/shell/MainActivity;)V
    .registers 2
    invoke-direct {p0, p1}, Lapp/lanai/shell/Ability;-><init>(Lapp/lanai/shell/MainActivity;)V
    return-void
.end method

.method public name()Ljava/lang/String;
    .registers 2
    const-string v0, "save"
    return-object v0
.end method

.method public answer(Ljava/lang/String;)Ljava/lang/String;
    .registers 6
    :try_start
    new-instance v0, Lorg/json/JSONObject;
    invoke-direct {v0, p1}, Lorg/json/JSONObject;-><init>(Ljava/lang/String;)V
    const-string v1, "text"
    invoke-virtual {v0, v1}, Lorg/json/JSONObject;->getString(Ljava/lang/String;)Ljava/lang/String;
    move-result-object v1
    iput-object v1, p0, Lapp/lanai/shell/Saves;->text:Ljava/lang/String;
    new-instance v1, Landroid/content/Intent;
    const-string v2, "android.intent.action.CREATE_DOCUMENT"
    invoke-direct {v1, v2}, Landroid/content/Intent;-><init>(Ljava/lang/String;)V
    const-string v2, "android.intent.category.OPENABLE"
    invoke-virtual {v1, v2}, Landroid/content/Intent;->addCategory(Ljava/lang/String;)Landroid/content/Intent;
    const-string v2, "type"
    invoke-virtual {v0, v2}, Lorg/json/JSONObject;->getString(Ljava/lang/String;)Ljava/lang/String;
    move-result-object v2
    invoke-virtual {v1, v2}, Landroid/content/Intent;->setType(Ljava/lang/String;)Landroid/content/Intent;
    const-string v2, "name"
    invoke-virtual {v0, v2}, Lorg/json/JSONObject;->getString(Ljava/lang/String;)Ljava/lang/String;
    move-result-object v2
    const-string v3, "android.intent.extra.TITLE"
    invoke-virtual {v1, v3, v2}, Landroid/content/Intent;->putExtra(Ljava/lang/String;Ljava/lang/String;)Landroid/content/Intent;
    iget-object v0, p0, Lapp/lanai/shell/Saves;->activity:Lapp/lanai/shell/MainActivity;
    const/16 v2, 0x1002
    invoke-virtual {v0, v1, v2}, Lapp/lanai/shell/MainActivity;->startActivityForResult(Landroid/content/Intent;I)V
    :try_end
    .catch Lorg/json/JSONException; {:try_start .. :try_end} :wrong
    .catch Landroid/content/ActivityNotFoundException; {:try_start .. :try_end} :wrong
    const-string v0, "begun"
    return-object v0
    :wrong
    move-exception v0
    const-string v0, ""
    return-object v0
.end method

.method public result(IILandroid/content/Intent;)Z
    .registers 8
    const/16 v0, 0x1002
    if-eq p1, v0, :mine
    const/4 v0, 0x0
    return v0
    :mine
    iget-object v0, p0, Lapp/lanai/shell/Saves;->text:Ljava/lang/String;
    const/4 v1, 0x0
    iput-object v1, p0, Lapp/lanai/shell/Saves;->text:Ljava/lang/String;
    if-eqz p3, :done
    if-eqz v0, :done
    invoke-virtual {p3}, Landroid/content/Intent;->getData()Landroid/net/Uri;
    move-result-object v1
    if-eqz v1, :done
    :try_start
    iget-object v2, p0, Lapp/lanai/shell/Saves;->activity:Lapp/lanai/shell/MainActivity;
    invoke-virtual {v2}, Lapp/lanai/shell/MainActivity;->getContentResolver()Landroid/content/ContentResolver;
    move-result-object v2
    invoke-virtual {v2, v1}, Landroid/content/ContentResolver;->openOutputStream(Landroid/net/Uri;)Ljava/io/OutputStream;
    move-result-object v1
    const-string v2, "utf-8"
    invoke-virtual {v0, v2}, Ljava/lang/String;->getBytes(Ljava/lang/String;)[B
    move-result-object v0
    invoke-virtual {v1, v0}, Ljava/io/OutputStream;->write([B)V
    invoke-virtual {v1}, Ljava/io/OutputStream;->close()V
    :try_end
    .catch Ljava/io/IOException; {:try_start .. :try_end} :wrong
    :done
    const/4 v0, 0x1
    return v0
    :wrong
    move-exception v0
    goto :done
.end method

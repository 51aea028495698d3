.class public Lapp/lanai/shell/Fails;
.super Lapp/lanai/shell/Ability;
.implements Ljava/lang/Thread$UncaughtExceptionHandler;

# Keeps what ended the app unasked; the page sends it to the founder when the app is opened again.

.field private final before:Ljava/lang/Thread$UncaughtExceptionHandler;

.method public constructor <init>(Lapp/lanai/shell/MainActivity;)V
    .registers 3
    invoke-direct {p0, p1}, Lapp/lanai/shell/Ability;-><init>(Lapp/lanai/shell/MainActivity;)V
    invoke-static {}, Ljava/lang/Thread;->getDefaultUncaughtExceptionHandler()Ljava/lang/Thread$UncaughtExceptionHandler;
    move-result-object v0
    iput-object v0, p0, Lapp/lanai/shell/Fails;->before:Ljava/lang/Thread$UncaughtExceptionHandler;
    invoke-static {p0}, Ljava/lang/Thread;->setDefaultUncaughtExceptionHandler(Ljava/lang/Thread$UncaughtExceptionHandler;)V
    return-void
.end method

.method public name()Ljava/lang/String;
    .registers 2
    const-string v0, "trouble"
    return-object v0
.end method

# What is kept, once; nothing where nothing happened.
.method public answer(Ljava/lang/String;)Ljava/lang/String;
    .registers 8
    const-string v5, ""
    const/16 v0, 0xfa0
    new-array v0, v0, [B
    const-string v1, "trouble"
    :try_start
    iget-object v2, p0, Lapp/lanai/shell/Fails;->activity:Lapp/lanai/shell/MainActivity;
    invoke-virtual {v2, v1}, Lapp/lanai/shell/MainActivity;->openFileInput(Ljava/lang/String;)Ljava/io/FileInputStream;
    move-result-object v3
    invoke-virtual {v3, v0}, Ljava/io/FileInputStream;->read([B)I
    move-result v4
    invoke-virtual {v3}, Ljava/io/FileInputStream;->close()V
    invoke-virtual {v2, v1}, Lapp/lanai/shell/MainActivity;->deleteFile(Ljava/lang/String;)Z
    if-lez v4, :done
    new-instance v5, Ljava/lang/String;
    const/4 v1, 0x0
    const-string v2, "UTF-8"
    invoke-direct {v5, v0, v1, v4, v2}, Ljava/lang/String;-><init>([BIILjava/lang/String;)V
    :try_end
    .catch Ljava/io/IOException; {:try_start .. :try_end} :none
    :done
    return-object v5
    :none
    move-exception v0
    const-string v5, ""
    goto :done
.end method

.method public uncaughtException(Ljava/lang/Thread;Ljava/lang/Throwable;)V
    .registers 8
    :try_start
    new-instance v0, Ljava/io/StringWriter;
    invoke-direct {v0}, Ljava/io/StringWriter;-><init>()V
    new-instance v1, Ljava/io/PrintWriter;
    invoke-direct {v1, v0}, Ljava/io/PrintWriter;-><init>(Ljava/io/Writer;)V
    invoke-virtual {p2, v1}, Ljava/lang/Throwable;->printStackTrace(Ljava/io/PrintWriter;)V
    invoke-virtual {v1}, Ljava/io/PrintWriter;->flush()V
    invoke-virtual {v0}, Ljava/io/StringWriter;->toString()Ljava/lang/String;
    move-result-object v0
    const-string v1, "UTF-8"
    invoke-virtual {v0, v1}, Ljava/lang/String;->getBytes(Ljava/lang/String;)[B
    move-result-object v0
    iget-object v1, p0, Lapp/lanai/shell/Fails;->activity:Lapp/lanai/shell/MainActivity;
    const-string v2, "trouble"
    const/4 v3, 0x0
    invoke-virtual {v1, v2, v3}, Lapp/lanai/shell/MainActivity;->openFileOutput(Ljava/lang/String;I)Ljava/io/FileOutputStream;
    move-result-object v1
    invoke-virtual {v1, v0}, Ljava/io/FileOutputStream;->write([B)V
    invoke-virtual {v1}, Ljava/io/FileOutputStream;->close()V
    :try_end
    .catch Ljava/io/IOException; {:try_start .. :try_end} :lost
    :on
    iget-object v0, p0, Lapp/lanai/shell/Fails;->before:Ljava/lang/Thread$UncaughtExceptionHandler;
    if-eqz v0, :done
    invoke-interface {v0, p1, p2}, Ljava/lang/Thread$UncaughtExceptionHandler;->uncaughtException(Ljava/lang/Thread;Ljava/lang/Throwable;)V
    :done
    return-void
    :lost
    move-exception v0
    goto :on
.end method

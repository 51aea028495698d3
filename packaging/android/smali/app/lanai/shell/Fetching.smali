.class public Lapp/lanai/shell/Fetching;
.super Ljava/lang/Object;
.implements Ljava/lang/Runnable;

# Asks once for messages, shows what came, and says that it is there: what was not said to be there is given again the next time.

.field private final service:Lapp/lanai/shell/Fetches;
.field private final job:Landroid/app/job/JobParameters;

.method public constructor <init>(Lapp/lanai/shell/Fetches;Landroid/app/job/JobParameters;)V
    .registers 3
    invoke-direct {p0}, Ljava/lang/Object;-><init>()V
    iput-object p1, p0, Lapp/lanai/shell/Fetching;->service:Lapp/lanai/shell/Fetches;
    iput-object p2, p0, Lapp/lanai/shell/Fetching;->job:Landroid/app/job/JobParameters;
    return-void
.end method

# Where the server does not answer the system tries it again after a while.
.method public run()V
    .registers 4
    const/4 v0, 0x0
    :try_start
    invoke-direct {p0}, Lapp/lanai/shell/Fetching;->fetch()V
    :try_end
    .catch Ljava/io/IOException; {:try_start .. :try_end} :away
    .catch Ljava/lang/Exception; {:try_start .. :try_end} :wrong
    :done
    iget-object v1, p0, Lapp/lanai/shell/Fetching;->service:Lapp/lanai/shell/Fetches;
    iget-object v2, p0, Lapp/lanai/shell/Fetching;->job:Landroid/app/job/JobParameters;
    invoke-virtual {v1, v2, v0}, Lapp/lanai/shell/Fetches;->jobFinished(Landroid/app/job/JobParameters;Z)V
    return-void
    :away
    move-exception v1
    const/4 v0, 0x1
    goto :done
    :wrong
    move-exception v1
    goto :done
.end method

.method private fetch()V
    .registers 11
    iget-object v0, p0, Lapp/lanai/shell/Fetching;->service:Lapp/lanai/shell/Fetches;
    # A phone that shows nothing fetches nothing.
    invoke-static {v0}, Lapp/lanai/shell/Fetches;->manager(Landroid/content/Context;)Landroid/app/NotificationManager;
    move-result-object v1
    invoke-virtual {v1}, Landroid/app/NotificationManager;->areNotificationsEnabled()Z
    move-result v1
    if-eqz v1, :done
    invoke-static {v0}, Lapp/lanai/shell/Fetches;->kept(Landroid/content/Context;)Landroid/content/SharedPreferences;
    move-result-object v1
    const-string v2, "from"
    const-string v3, ""
    invoke-interface {v1, v2, v3}, Landroid/content/SharedPreferences;->getString(Ljava/lang/String;Ljava/lang/String;)Ljava/lang/String;
    move-result-object v1
    const-string v2, "\n"
    invoke-virtual {v1, v2}, Ljava/lang/String;->indexOf(Ljava/lang/String;)I
    move-result v2
    if-lez v2, :done
    const/4 v3, 0x0
    invoke-virtual {v1, v3, v2}, Ljava/lang/String;->substring(II)Ljava/lang/String;
    move-result-object v3
    add-int/lit8 v2, v2, 0x1
    invoke-virtual {v1, v2}, Ljava/lang/String;->substring(I)Ljava/lang/String;
    move-result-object v2
    invoke-static {v3, v2}, Lapp/lanai/shell/Fetching;->post(Ljava/lang/String;Ljava/lang/String;)Ljava/lang/String;
    move-result-object v1
    new-instance v4, Lorg/json/JSONObject;
    invoke-direct {v4, v1}, Lorg/json/JSONObject;-><init>(Ljava/lang/String;)V
    const-string v1, "messages"
    invoke-virtual {v4, v1}, Lorg/json/JSONObject;->getJSONArray(Ljava/lang/String;)Lorg/json/JSONArray;
    move-result-object v4
    invoke-virtual {v4}, Lorg/json/JSONArray;->length()I
    move-result v5
    if-lez v5, :done
    new-instance v6, Lorg/json/JSONArray;
    invoke-direct {v6}, Lorg/json/JSONArray;-><init>()V
    const/4 v7, 0x0
    :next
    if-ge v7, v5, :told
    invoke-virtual {v4, v7}, Lorg/json/JSONArray;->getJSONObject(I)Lorg/json/JSONObject;
    move-result-object v1
    invoke-static {v0, v1}, Lapp/lanai/shell/Shows;->message(Landroid/content/Context;Lorg/json/JSONObject;)V
    const-string v8, "id"
    invoke-virtual {v1, v8}, Lorg/json/JSONObject;->getString(Ljava/lang/String;)Ljava/lang/String;
    move-result-object v1
    invoke-virtual {v6, v1}, Lorg/json/JSONArray;->put(Ljava/lang/Object;)Lorg/json/JSONArray;
    add-int/lit8 v7, v7, 0x1
    goto :next
    :told
    new-instance v4, Lorg/json/JSONObject;
    invoke-direct {v4, v2}, Lorg/json/JSONObject;-><init>(Ljava/lang/String;)V
    const-string v1, "had"
    invoke-virtual {v4, v1, v6}, Lorg/json/JSONObject;->put(Ljava/lang/String;Ljava/lang/Object;)Lorg/json/JSONObject;
    invoke-virtual {v4}, Lorg/json/JSONObject;->toString()Ljava/lang/String;
    move-result-object v1
    invoke-static {v3, v1}, Lapp/lanai/shell/Fetching;->post(Ljava/lang/String;Ljava/lang/String;)Ljava/lang/String;
    :done
    return-void
.end method

# At most 256 kB of an answer are read.
.method private static post(Ljava/lang/String;Ljava/lang/String;)Ljava/lang/String;
    .registers 9
    new-instance v0, Ljava/net/URL;
    invoke-direct {v0, p0}, Ljava/net/URL;-><init>(Ljava/lang/String;)V
    invoke-virtual {v0}, Ljava/net/URL;->openConnection()Ljava/net/URLConnection;
    move-result-object v0
    check-cast v0, Ljava/net/HttpURLConnection;
    const/16 v1, 0x3a98
    invoke-virtual {v0, v1}, Ljava/net/HttpURLConnection;->setConnectTimeout(I)V
    invoke-virtual {v0, v1}, Ljava/net/HttpURLConnection;->setReadTimeout(I)V
    const-string v1, "POST"
    invoke-virtual {v0, v1}, Ljava/net/HttpURLConnection;->setRequestMethod(Ljava/lang/String;)V
    const/4 v1, 0x1
    invoke-virtual {v0, v1}, Ljava/net/HttpURLConnection;->setDoOutput(Z)V
    const-string v1, "Content-Type"
    const-string v2, "application/json"
    invoke-virtual {v0, v1, v2}, Ljava/net/HttpURLConnection;->setRequestProperty(Ljava/lang/String;Ljava/lang/String;)V
    const-string v1, "Accept"
    invoke-virtual {v0, v1, v2}, Ljava/net/HttpURLConnection;->setRequestProperty(Ljava/lang/String;Ljava/lang/String;)V
    invoke-virtual {v0}, Ljava/net/HttpURLConnection;->getOutputStream()Ljava/io/OutputStream;
    move-result-object v1
    const-string v2, "UTF-8"
    invoke-virtual {p1, v2}, Ljava/lang/String;->getBytes(Ljava/lang/String;)[B
    move-result-object v3
    invoke-virtual {v1, v3}, Ljava/io/OutputStream;->write([B)V
    invoke-virtual {v1}, Ljava/io/OutputStream;->close()V
    invoke-virtual {v0}, Ljava/net/HttpURLConnection;->getInputStream()Ljava/io/InputStream;
    move-result-object v0
    new-instance v1, Ljava/io/ByteArrayOutputStream;
    invoke-direct {v1}, Ljava/io/ByteArrayOutputStream;-><init>()V
    const/16 v3, 0x2000
    new-array v3, v3, [B
    :more
    invoke-virtual {v0, v3}, Ljava/io/InputStream;->read([B)I
    move-result v4
    if-lez v4, :end
    const/4 v5, 0x0
    invoke-virtual {v1, v3, v5, v4}, Ljava/io/ByteArrayOutputStream;->write([BII)V
    invoke-virtual {v1}, Ljava/io/ByteArrayOutputStream;->size()I
    move-result v4
    const/high16 v5, 0x40000
    if-lt v4, v5, :more
    :end
    invoke-virtual {v0}, Ljava/io/InputStream;->close()V
    invoke-virtual {v1, v2}, Ljava/io/ByteArrayOutputStream;->toString(Ljava/lang/String;)Ljava/lang/String;
    move-result-object v0
    return-object v0
.end method

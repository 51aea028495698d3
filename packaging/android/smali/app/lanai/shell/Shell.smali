.class public Lapp/lanai/shell/Shell;
.super Landroid/webkit/WebViewClient;

# Answers requests to the app's own origin from the package's assets, and opens other addresses outside.

.field private final activity:Lapp/lanai/shell/MainActivity;

.method public constructor <init>(Lapp/lanai/shell/MainActivity;)V
    .registers 2
    invoke-direct {p0}, Landroid/webkit/WebViewClient;-><init>()V
    iput-object p1, p0, Lapp/lanai/shell/Shell;->activity:Lapp/lanai/shell/MainActivity;
    return-void
.end method

# Whether an address is of the package's own origin.
.method public static mine(Landroid/net/Uri;)Z
    .registers 3
    const-string v0, "https"
    invoke-virtual {p0}, Landroid/net/Uri;->getScheme()Ljava/lang/String;
    move-result-object v1
    invoke-virtual {v0, v1}, Ljava/lang/String;->equals(Ljava/lang/Object;)Z
    move-result v0
    if-eqz v0, :no
    const-string v0, "app.lanai.invalid"
    invoke-virtual {p0}, Landroid/net/Uri;->getHost()Ljava/lang/String;
    move-result-object v1
    invoke-virtual {v0, v1}, Ljava/lang/String;->equals(Ljava/lang/Object;)Z
    move-result v0
    :no
    return v0
.end method

# The page has gone on or back by itself.
.method public doUpdateVisitedHistory(Landroid/webkit/WebView;Ljava/lang/String;Z)V
    .registers 5
    iget-object v0, p0, Lapp/lanai/shell/Shell;->activity:Lapp/lanai/shell/MainActivity;
    invoke-virtual {v0}, Lapp/lanai/shell/MainActivity;->wayChanged()V
    return-void
.end method

.method public onPageFinished(Landroid/webkit/WebView;Ljava/lang/String;)V
    .registers 4
    iget-object v0, p0, Lapp/lanai/shell/Shell;->activity:Lapp/lanai/shell/MainActivity;
    invoke-virtual {v0}, Lapp/lanai/shell/MainActivity;->tellEdges()V
    return-void
.end method

.method private static type(Ljava/lang/String;)Ljava/lang/String;
    .registers 3
    const-string v0, ".html"
    invoke-virtual {p0, v0}, Ljava/lang/String;->endsWith(Ljava/lang/String;)Z
    move-result v1
    const-string v0, "text/html"
    if-nez v1, :found
    const-string v0, ".js"
    invoke-virtual {p0, v0}, Ljava/lang/String;->endsWith(Ljava/lang/String;)Z
    move-result v1
    const-string v0, "text/javascript"
    if-nez v1, :found
    const-string v0, ".css"
    invoke-virtual {p0, v0}, Ljava/lang/String;->endsWith(Ljava/lang/String;)Z
    move-result v1
    const-string v0, "text/css"
    if-nez v1, :found
    const-string v0, ".woff2"
    invoke-virtual {p0, v0}, Ljava/lang/String;->endsWith(Ljava/lang/String;)Z
    move-result v1
    const-string v0, "font/woff2"
    if-nez v1, :found
    const-string v0, ".png"
    invoke-virtual {p0, v0}, Ljava/lang/String;->endsWith(Ljava/lang/String;)Z
    move-result v1
    const-string v0, "image/png"
    if-nez v1, :found
    const-string v0, "application/octet-stream"
    :found
    return-object v0
.end method

.method public shouldInterceptRequest(Landroid/webkit/WebView;Landroid/webkit/WebResourceRequest;)Landroid/webkit/WebResourceResponse;
    .registers 9
    invoke-interface {p2}, Landroid/webkit/WebResourceRequest;->getUrl()Landroid/net/Uri;
    move-result-object v0
    invoke-static {v0}, Lapp/lanai/shell/Shell;->mine(Landroid/net/Uri;)Z
    move-result v1
    if-nez v1, :own
    const/4 v0, 0x0
    return-object v0
    :own
    invoke-virtual {v0}, Landroid/net/Uri;->getPath()Ljava/lang/String;
    move-result-object v1
    const-string v2, "www"
    invoke-virtual {v2, v1}, Ljava/lang/String;->concat(Ljava/lang/String;)Ljava/lang/String;
    move-result-object v2
    new-instance v3, Landroid/webkit/WebResourceResponse;
    invoke-static {v1}, Lapp/lanai/shell/Shell;->type(Ljava/lang/String;)Ljava/lang/String;
    move-result-object v4
    :try_start
    iget-object v5, p0, Lapp/lanai/shell/Shell;->activity:Lapp/lanai/shell/MainActivity;
    invoke-virtual {v5}, Lapp/lanai/shell/MainActivity;->getAssets()Landroid/content/res/AssetManager;
    move-result-object v5
    invoke-virtual {v5, v2}, Landroid/content/res/AssetManager;->open(Ljava/lang/String;)Ljava/io/InputStream;
    move-result-object v5
    :try_end
    .catch Ljava/io/IOException; {:try_start .. :try_end} :missing
    :answer
    const-string v2, "utf-8"
    invoke-direct {v3, v4, v2, v5}, Landroid/webkit/WebResourceResponse;-><init>(Ljava/lang/String;Ljava/lang/String;Ljava/io/InputStream;)V
    return-object v3
    :missing
    move-exception v5
    new-instance v5, Ljava/io/ByteArrayInputStream;
    const/4 v2, 0x0
    new-array v2, v2, [B
    invoke-direct {v5, v2}, Ljava/io/ByteArrayInputStream;-><init>([B)V
    goto :answer
.end method

.method public shouldOverrideUrlLoading(Landroid/webkit/WebView;Landroid/webkit/WebResourceRequest;)Z
    .registers 7
    invoke-interface {p2}, Landroid/webkit/WebResourceRequest;->getUrl()Landroid/net/Uri;
    move-result-object v0
    invoke-static {v0}, Lapp/lanai/shell/Shell;->mine(Landroid/net/Uri;)Z
    move-result v1
    if-eqz v1, :outside
    const/4 v1, 0x0
    return v1
    :outside
    invoke-interface {p2}, Landroid/webkit/WebResourceRequest;->isForMainFrame()Z
    move-result v1
    if-nez v1, :leaves
    return v1
    :leaves
    iget-object v2, p0, Lapp/lanai/shell/Shell;->activity:Lapp/lanai/shell/MainActivity;
    invoke-virtual {v2, v0}, Lapp/lanai/shell/MainActivity;->openOutside(Landroid/net/Uri;)V
    const/4 v1, 0x1
    return v1
.end method

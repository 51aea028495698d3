.class public Lapp/lanai/shell/Page;
.super Landroid/webkit/WebChromeClient;

# What the page asks of the phone. It is answered only where the asking frame is of the package's own origin; whatever else is shown in
# the page gets nothing.

.field private final activity:Lapp/lanai/shell/MainActivity;
.field private over:Landroid/view/View;
.field private after:Landroid/webkit/WebChromeClient$CustomViewCallback;

.method public constructor <init>(Lapp/lanai/shell/MainActivity;)V
    .registers 2
    invoke-direct {p0}, Landroid/webkit/WebChromeClient;-><init>()V
    iput-object p1, p0, Lapp/lanai/shell/Page;->activity:Lapp/lanai/shell/MainActivity;
    return-void
.end method

# The page asks by prompt("lanai:NAME", ARGUMENT): the web view says which frame it was.
.method public onJsPrompt(Landroid/webkit/WebView;Ljava/lang/String;Ljava/lang/String;Ljava/lang/String;Landroid/webkit/JsPromptResult;)Z
    .registers 12
    invoke-static {p2}, Landroid/net/Uri;->parse(Ljava/lang/String;)Landroid/net/Uri;
    move-result-object v0
    invoke-static {v0}, Lapp/lanai/shell/Shell;->mine(Landroid/net/Uri;)Z
    move-result v0
    if-eqz v0, :nothing
    const-string v0, "lanai:"
    invoke-virtual {p3, v0}, Ljava/lang/String;->startsWith(Ljava/lang/String;)Z
    move-result v0
    if-eqz v0, :nothing
    const/4 v0, 0x6
    invoke-virtual {p3, v0}, Ljava/lang/String;->substring(I)Ljava/lang/String;
    move-result-object v0
    iget-object v1, p0, Lapp/lanai/shell/Page;->activity:Lapp/lanai/shell/MainActivity;
    invoke-virtual {v1}, Lapp/lanai/shell/MainActivity;->abilities()[Lapp/lanai/shell/Ability;
    move-result-object v1
    array-length v2, v1
    const/4 v3, 0x0
    :next
    if-ge v3, v2, :nothing
    aget-object v4, v1, v3
    invoke-virtual {v4}, Lapp/lanai/shell/Ability;->name()Ljava/lang/String;
    move-result-object v5
    invoke-virtual {v0, v5}, Ljava/lang/String;->equals(Ljava/lang/Object;)Z
    move-result v5
    if-nez v5, :found
    add-int/lit8 v3, v3, 0x1
    goto :next
    :found
    invoke-virtual {v4, p4}, Lapp/lanai/shell/Ability;->answer(Ljava/lang/String;)Ljava/lang/String;
    move-result-object v4
    invoke-virtual {p5, v4}, Landroid/webkit/JsPromptResult;->confirm(Ljava/lang/String;)V
    goto :done
    :nothing
    invoke-virtual {p5}, Landroid/webkit/JsPromptResult;->cancel()V
    :done
    const/4 v0, 0x1
    return v0
.end method

.method public onShowFileChooser(Landroid/webkit/WebView;Landroid/webkit/ValueCallback;Landroid/webkit/WebChromeClient$FileChooserParams;)Z
    .registers 9
    iget-object v0, p0, Lapp/lanai/shell/Page;->activity:Lapp/lanai/shell/MainActivity;
    invoke-virtual {v0}, Lapp/lanai/shell/MainActivity;->abilities()[Lapp/lanai/shell/Ability;
    move-result-object v0
    array-length v1, v0
    const/4 v2, 0x0
    :next
    if-ge v2, v1, :nobody
    aget-object v3, v0, v2
    invoke-virtual {v3, p2, p3}, Lapp/lanai/shell/Ability;->choose(Landroid/webkit/ValueCallback;Landroid/webkit/WebChromeClient$FileChooserParams;)Z
    move-result v3
    if-nez v3, :taken
    add-int/lit8 v2, v2, 0x1
    goto :next
    :nobody
    const/4 v3, 0x0
    :taken
    return v3
.end method

.method public onGeolocationPermissionsShowPrompt(Ljava/lang/String;Landroid/webkit/GeolocationPermissions$Callback;)V
    .registers 8
    invoke-static {p1}, Landroid/net/Uri;->parse(Ljava/lang/String;)Landroid/net/Uri;
    move-result-object v0
    invoke-static {v0}, Lapp/lanai/shell/Shell;->mine(Landroid/net/Uri;)Z
    move-result v0
    if-eqz v0, :nobody
    iget-object v0, p0, Lapp/lanai/shell/Page;->activity:Lapp/lanai/shell/MainActivity;
    invoke-virtual {v0}, Lapp/lanai/shell/MainActivity;->abilities()[Lapp/lanai/shell/Ability;
    move-result-object v0
    array-length v1, v0
    const/4 v2, 0x0
    :next
    if-ge v2, v1, :nobody
    aget-object v3, v0, v2
    invoke-virtual {v3, p1, p2}, Lapp/lanai/shell/Ability;->locate(Ljava/lang/String;Landroid/webkit/GeolocationPermissions$Callback;)Z
    move-result v3
    if-nez v3, :done
    add-int/lit8 v2, v2, 0x1
    goto :next
    :nobody
    const/4 v3, 0x0
    invoke-interface {p2, p1, v3, v3}, Landroid/webkit/GeolocationPermissions$Callback;->invoke(Ljava/lang/String;ZZ)V
    :done
    return-void
.end method

# A video as large as the screen.
.method public onShowCustomView(Landroid/view/View;Landroid/webkit/WebChromeClient$CustomViewCallback;)V
    .registers 4
    iget-object v0, p0, Lapp/lanai/shell/Page;->over:Landroid/view/View;
    if-eqz v0, :free
    invoke-interface {p2}, Landroid/webkit/WebChromeClient$CustomViewCallback;->onCustomViewHidden()V
    return-void
    :free
    iput-object p1, p0, Lapp/lanai/shell/Page;->over:Landroid/view/View;
    iput-object p2, p0, Lapp/lanai/shell/Page;->after:Landroid/webkit/WebChromeClient$CustomViewCallback;
    iget-object v0, p0, Lapp/lanai/shell/Page;->activity:Lapp/lanai/shell/MainActivity;
    invoke-virtual {v0, p1}, Lapp/lanai/shell/MainActivity;->cover(Landroid/view/View;)V
    return-void
.end method

.method public onHideCustomView()V
    .registers 4
    iget-object v0, p0, Lapp/lanai/shell/Page;->over:Landroid/view/View;
    if-eqz v0, :none
    iget-object v1, p0, Lapp/lanai/shell/Page;->activity:Lapp/lanai/shell/MainActivity;
    invoke-virtual {v1, v0}, Lapp/lanai/shell/MainActivity;->uncover(Landroid/view/View;)V
    iget-object v0, p0, Lapp/lanai/shell/Page;->after:Landroid/webkit/WebChromeClient$CustomViewCallback;
    const/4 v1, 0x0
    iput-object v1, p0, Lapp/lanai/shell/Page;->over:Landroid/view/View;
    iput-object v1, p0, Lapp/lanai/shell/Page;->after:Landroid/webkit/WebChromeClient$CustomViewCallback;
    invoke-interface {v0}, Landroid/webkit/WebChromeClient$CustomViewCallback;->onCustomViewHidden()V
    :none
    return-void
.end method

# True where something covered the page and does not any more.
.method public uncovered()Z
    .registers 2
    iget-object v0, p0, Lapp/lanai/shell/Page;->over:Landroid/view/View;
    if-eqz v0, :no
    invoke-virtual {p0}, Lapp/lanai/shell/Page;->onHideCustomView()V
    const/4 v0, 0x1
    return v0
    :no
    const/4 v0, 0x0
    return v0
.end method

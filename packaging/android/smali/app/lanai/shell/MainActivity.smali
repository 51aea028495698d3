.class public Lapp/lanai/shell/MainActivity;
.super Landroid/app/Activity;
.implements Landroid/view/View$OnApplyWindowInsetsListener;

# One screen: a web view that loads the app's own files under one https origin, from edge to edge.

.field private web:Landroid/webkit/WebView;
.field private page:Lapp/lanai/shell/Page;
.field private frame:Landroid/widget/FrameLayout;
.field private abilities:[Lapp/lanai/shell/Ability;
.field private back:Lapp/lanai/shell/GoesBack;
.field private edges:Ljava/lang/String;

.method public constructor <init>()V
    .registers 1
    invoke-direct {p0}, Landroid/app/Activity;-><init>()V
    return-void
.end method

.method protected onCreate(Landroid/os/Bundle;)V
    .registers 6
    invoke-super {p0, p1}, Landroid/app/Activity;->onCreate(Landroid/os/Bundle;)V
    invoke-static {p0}, Lapp/lanai/shell/Abilities;->of(Lapp/lanai/shell/MainActivity;)[Lapp/lanai/shell/Ability;
    move-result-object v0
    iput-object v0, p0, Lapp/lanai/shell/MainActivity;->abilities:[Lapp/lanai/shell/Ability;
    new-instance v0, Landroid/webkit/WebView;
    invoke-direct {v0, p0}, Landroid/webkit/WebView;-><init>(Landroid/content/Context;)V
    iput-object v0, p0, Lapp/lanai/shell/MainActivity;->web:Landroid/webkit/WebView;
    invoke-virtual {v0}, Landroid/webkit/WebView;->getSettings()Landroid/webkit/WebSettings;
    move-result-object v1
    const/4 v2, 0x1
    invoke-virtual {v1, v2}, Landroid/webkit/WebSettings;->setJavaScriptEnabled(Z)V
    invoke-virtual {v1, v2}, Landroid/webkit/WebSettings;->setDomStorageEnabled(Z)V
    const/4 v2, 0x0
    invoke-virtual {v1, v2}, Landroid/webkit/WebSettings;->setAllowFileAccess(Z)V
    invoke-virtual {v1, v2}, Landroid/webkit/WebSettings;->setMediaPlaybackRequiresUserGesture(Z)V
    const/4 v2, {{mixed}}
    invoke-virtual {v1, v2}, Landroid/webkit/WebSettings;->setMixedContentMode(I)V
    new-instance v2, Lapp/lanai/shell/Shell;
    invoke-direct {v2, p0}, Lapp/lanai/shell/Shell;-><init>(Lapp/lanai/shell/MainActivity;)V
    invoke-virtual {v0, v2}, Landroid/webkit/WebView;->setWebViewClient(Landroid/webkit/WebViewClient;)V
    new-instance v2, Lapp/lanai/shell/Page;
    invoke-direct {v2, p0}, Lapp/lanai/shell/Page;-><init>(Lapp/lanai/shell/MainActivity;)V
    iput-object v2, p0, Lapp/lanai/shell/MainActivity;->page:Lapp/lanai/shell/Page;
    invoke-virtual {v0, v2}, Landroid/webkit/WebView;->setWebChromeClient(Landroid/webkit/WebChromeClient;)V
    new-instance v2, Landroid/widget/FrameLayout;
    invoke-direct {v2, p0}, Landroid/widget/FrameLayout;-><init>(Landroid/content/Context;)V
    iput-object v2, p0, Lapp/lanai/shell/MainActivity;->frame:Landroid/widget/FrameLayout;
    invoke-virtual {v2, v0}, Landroid/widget/FrameLayout;->addView(Landroid/view/View;)V
    # Stable, below the status bar and below the bar of the system: 0x100, 0x400 and 0x200.
    const/16 v1, 0x700
    invoke-virtual {v2, v1}, Landroid/widget/FrameLayout;->setSystemUiVisibility(I)V
    invoke-virtual {v2, p0}, Landroid/widget/FrameLayout;->setOnApplyWindowInsetsListener(Landroid/view/View$OnApplyWindowInsetsListener;)V
    invoke-virtual {p0, v2}, Lapp/lanai/shell/MainActivity;->setContentView(Landroid/view/View;)V
    if-eqz p1, :anew
    # The process had ended: the page is found where it was.
    invoke-virtual {v0, p1}, Landroid/webkit/WebView;->restoreState(Landroid/os/Bundle;)Landroid/webkit/WebBackForwardList;
    move-result-object v1
    if-nez v1, :there
    :anew
    invoke-virtual {p0}, Lapp/lanai/shell/MainActivity;->getIntent()Landroid/content/Intent;
    move-result-object v1
    invoke-direct {p0, v1}, Lapp/lanai/shell/MainActivity;->open(Landroid/content/Intent;)V
    :there
    return-void
.end method

# The place that a link of the app names after its #, or that an ability knows; null for none.
.method private place(Landroid/content/Intent;)Ljava/lang/String;
    .registers 7
    const/4 v0, 0x0
    if-eqz p1, :done
    invoke-virtual {p1}, Landroid/content/Intent;->getData()Landroid/net/Uri;
    move-result-object v1
    if-eqz v1, :abilities
    invoke-virtual {v1}, Landroid/net/Uri;->getEncodedFragment()Ljava/lang/String;
    move-result-object v0
    if-nez v0, :done
    :abilities
    iget-object v1, p0, Lapp/lanai/shell/MainActivity;->abilities:[Lapp/lanai/shell/Ability;
    array-length v2, v1
    const/4 v3, 0x0
    :next
    if-ge v3, v2, :done
    aget-object v4, v1, v3
    invoke-virtual {v4, p1}, Lapp/lanai/shell/Ability;->opened(Landroid/content/Intent;)Ljava/lang/String;
    move-result-object v0
    if-nez v0, :done
    add-int/lit8 v3, v3, 0x1
    goto :next
    :done
    return-object v0
.end method

# The start, or the place that it was opened for.
.method private open(Landroid/content/Intent;)V
    .registers 6
    const-string v0, "https://app.lanai.invalid/index.html"
    invoke-direct {p0, p1}, Lapp/lanai/shell/MainActivity;->place(Landroid/content/Intent;)Ljava/lang/String;
    move-result-object v1
    if-eqz v1, :load
    const-string v2, "#"
    invoke-virtual {v0, v2}, Ljava/lang/String;->concat(Ljava/lang/String;)Ljava/lang/String;
    move-result-object v0
    invoke-virtual {v0, v1}, Ljava/lang/String;->concat(Ljava/lang/String;)Ljava/lang/String;
    move-result-object v0
    :load
    iget-object v1, p0, Lapp/lanai/shell/MainActivity;->web:Landroid/webkit/WebView;
    invoke-virtual {v1, v0}, Landroid/webkit/WebView;->loadUrl(Ljava/lang/String;)V
    return-void
.end method

# Somebody came by a link while the app was open; without a place in it all stays as it is.
.method protected onNewIntent(Landroid/content/Intent;)V
    .registers 4
    invoke-super {p0, p1}, Landroid/app/Activity;->onNewIntent(Landroid/content/Intent;)V
    invoke-direct {p0, p1}, Lapp/lanai/shell/MainActivity;->place(Landroid/content/Intent;)Ljava/lang/String;
    move-result-object v0
    if-eqz v0, :stay
    invoke-direct {p0, p1}, Lapp/lanai/shell/MainActivity;->open(Landroid/content/Intent;)V
    :stay
    return-void
.end method

.method protected onResume()V
    .registers 5
    invoke-super {p0}, Landroid/app/Activity;->onResume()V
    iget-object v0, p0, Lapp/lanai/shell/MainActivity;->abilities:[Lapp/lanai/shell/Ability;
    array-length v1, v0
    const/4 v2, 0x0
    :next
    if-ge v2, v1, :done
    aget-object v3, v0, v2
    invoke-virtual {v3}, Lapp/lanai/shell/Ability;->shown()V
    add-int/lit8 v2, v2, 0x1
    goto :next
    :done
    return-void
.end method

.method protected onStop()V
    .registers 5
    invoke-super {p0}, Landroid/app/Activity;->onStop()V
    iget-object v0, p0, Lapp/lanai/shell/MainActivity;->abilities:[Lapp/lanai/shell/Ability;
    array-length v1, v0
    const/4 v2, 0x0
    :next
    if-ge v2, v1, :done
    aget-object v3, v0, v2
    invoke-virtual {v3}, Lapp/lanai/shell/Ability;->hidden()V
    add-int/lit8 v2, v2, 0x1
    goto :next
    :done
    return-void
.end method

.method protected onSaveInstanceState(Landroid/os/Bundle;)V
    .registers 3
    invoke-super {p0, p1}, Landroid/app/Activity;->onSaveInstanceState(Landroid/os/Bundle;)V
    iget-object v0, p0, Lapp/lanai/shell/MainActivity;->web:Landroid/webkit/WebView;
    invoke-virtual {v0, p1}, Landroid/webkit/WebView;->saveState(Landroid/os/Bundle;)Landroid/webkit/WebBackForwardList;
    return-void
.end method

.method public abilities()[Lapp/lanai/shell/Ability;
    .registers 2
    iget-object v0, p0, Lapp/lanai/shell/MainActivity;->abilities:[Lapp/lanai/shell/Ability;
    return-object v0
.end method

.method public web()Landroid/webkit/WebView;
    .registers 2
    iget-object v0, p0, Lapp/lanai/shell/MainActivity;->web:Landroid/webkit/WebView;
    return-object v0
.end method

# Another program opens it; where there is none, nothing happens.
.method public openOutside(Landroid/net/Uri;)V
    .registers 5
    new-instance v0, Landroid/content/Intent;
    const-string v1, "android.intent.action.VIEW"
    invoke-direct {v0, v1, p1}, Landroid/content/Intent;-><init>(Ljava/lang/String;Landroid/net/Uri;)V
    :try_start
    invoke-virtual {p0, v0}, Lapp/lanai/shell/MainActivity;->startActivity(Landroid/content/Intent;)V
    :try_end
    .catch Landroid/content/ActivityNotFoundException; {:try_start .. :try_end} :nobody
    :done
    return-void
    :nobody
    move-exception v0
    goto :done
.end method

.method protected onActivityResult(IILandroid/content/Intent;)V
    .registers 9
    invoke-super {p0, p1, p2, p3}, Landroid/app/Activity;->onActivityResult(IILandroid/content/Intent;)V
    iget-object v0, p0, Lapp/lanai/shell/MainActivity;->abilities:[Lapp/lanai/shell/Ability;
    array-length v1, v0
    const/4 v2, 0x0
    :next
    if-ge v2, v1, :done
    aget-object v3, v0, v2
    invoke-virtual {v3, p1, p2, p3}, Lapp/lanai/shell/Ability;->result(IILandroid/content/Intent;)Z
    move-result v3
    if-nez v3, :done
    add-int/lit8 v2, v2, 0x1
    goto :next
    :done
    return-void
.end method

.method public onRequestPermissionsResult(I[Ljava/lang/String;[I)V
    .registers 9
    iget-object v0, p0, Lapp/lanai/shell/MainActivity;->abilities:[Lapp/lanai/shell/Ability;
    array-length v1, v0
    const/4 v2, 0x0
    :next
    if-ge v2, v1, :done
    aget-object v3, v0, v2
    invoke-virtual {v3, p1, p3}, Lapp/lanai/shell/Ability;->permitted(I[I)Z
    move-result v3
    if-nez v3, :done
    add-int/lit8 v2, v2, 0x1
    goto :next
    :done
    return-void
.end method

# The keyboard makes the page smaller; what else stands at the edges the page leaves room for by itself.
.method public onApplyWindowInsets(Landroid/view/View;Landroid/view/WindowInsets;)Landroid/view/WindowInsets;
    .registers 10
    invoke-virtual {p2}, Landroid/view/WindowInsets;->getSystemWindowInsetBottom()I
    move-result v0
    invoke-virtual {p2}, Landroid/view/WindowInsets;->getStableInsetBottom()I
    move-result v1
    const/4 v2, 0x0
    if-le v0, v1, :away
    # The keyboard is there: nothing else stands at that edge.
    invoke-virtual {p1, v2, v2, v2, v0}, Landroid/view/View;->setPadding(IIII)V
    const/4 v0, 0x0
    goto :known
    :away
    invoke-virtual {p1, v2, v2, v2, v2}, Landroid/view/View;->setPadding(IIII)V
    :known
    new-instance v3, Ljava/lang/StringBuilder;
    invoke-direct {v3}, Ljava/lang/StringBuilder;-><init>()V
    const-string v4, "window.lanaiEdges&&lanaiEdges("
    invoke-virtual {v3, v4}, Ljava/lang/StringBuilder;->append(Ljava/lang/String;)Ljava/lang/StringBuilder;
    const-string v4, ","
    invoke-virtual {p2}, Landroid/view/WindowInsets;->getSystemWindowInsetTop()I
    move-result v5
    invoke-virtual {v3, v5}, Ljava/lang/StringBuilder;->append(I)Ljava/lang/StringBuilder;
    invoke-virtual {v3, v4}, Ljava/lang/StringBuilder;->append(Ljava/lang/String;)Ljava/lang/StringBuilder;
    invoke-virtual {p2}, Landroid/view/WindowInsets;->getSystemWindowInsetRight()I
    move-result v5
    invoke-virtual {v3, v5}, Ljava/lang/StringBuilder;->append(I)Ljava/lang/StringBuilder;
    invoke-virtual {v3, v4}, Ljava/lang/StringBuilder;->append(Ljava/lang/String;)Ljava/lang/StringBuilder;
    invoke-virtual {v3, v0}, Ljava/lang/StringBuilder;->append(I)Ljava/lang/StringBuilder;
    invoke-virtual {v3, v4}, Ljava/lang/StringBuilder;->append(Ljava/lang/String;)Ljava/lang/StringBuilder;
    invoke-virtual {p2}, Landroid/view/WindowInsets;->getSystemWindowInsetLeft()I
    move-result v5
    invoke-virtual {v3, v5}, Ljava/lang/StringBuilder;->append(I)Ljava/lang/StringBuilder;
    const-string v4, ")"
    invoke-virtual {v3, v4}, Ljava/lang/StringBuilder;->append(Ljava/lang/String;)Ljava/lang/StringBuilder;
    invoke-virtual {v3}, Ljava/lang/StringBuilder;->toString()Ljava/lang/String;
    move-result-object v3
    iput-object v3, p0, Lapp/lanai/shell/MainActivity;->edges:Ljava/lang/String;
    invoke-virtual {p0}, Lapp/lanai/shell/MainActivity;->tellEdges()V
    return-object p2
.end method

.method public tellEdges()V
    .registers 4
    iget-object v0, p0, Lapp/lanai/shell/MainActivity;->edges:Ljava/lang/String;
    if-eqz v0, :unknown
    iget-object v1, p0, Lapp/lanai/shell/MainActivity;->web:Landroid/webkit/WebView;
    const/4 v2, 0x0
    invoke-virtual {v1, v0, v2}, Landroid/webkit/WebView;->evaluateJavascript(Ljava/lang/String;Landroid/webkit/ValueCallback;)V
    :unknown
    return-void
.end method

.method public cover(Landroid/view/View;)V
    .registers 3
    iget-object v0, p0, Lapp/lanai/shell/MainActivity;->frame:Landroid/widget/FrameLayout;
    invoke-virtual {v0, p1}, Landroid/widget/FrameLayout;->addView(Landroid/view/View;)V
    return-void
.end method

.method public uncover(Landroid/view/View;)V
    .registers 3
    iget-object v0, p0, Lapp/lanai/shell/MainActivity;->frame:Landroid/widget/FrameLayout;
    invoke-virtual {v0, p1}, Landroid/widget/FrameLayout;->removeView(Landroid/view/View;)V
    return-void
.end method

# From Android 13 on the system shows where going back would lead: so it is told only while the page can go back.
.method public wayChanged()V
    .registers 4
    sget v0, Landroid/os/Build$VERSION;->SDK_INT:I
    const/16 v1, 0x21
    if-lt v0, v1, :done
    iget-object v0, p0, Lapp/lanai/shell/MainActivity;->back:Lapp/lanai/shell/GoesBack;
    if-nez v0, :made
    new-instance v0, Lapp/lanai/shell/GoesBack;
    invoke-direct {v0, p0}, Lapp/lanai/shell/GoesBack;-><init>(Lapp/lanai/shell/MainActivity;)V
    iput-object v0, p0, Lapp/lanai/shell/MainActivity;->back:Lapp/lanai/shell/GoesBack;
    :made
    iget-object v1, p0, Lapp/lanai/shell/MainActivity;->web:Landroid/webkit/WebView;
    invoke-virtual {v1}, Landroid/webkit/WebView;->canGoBack()Z
    move-result v1
    invoke-virtual {v0, v1}, Lapp/lanai/shell/GoesBack;->wanted(Z)V
    :done
    return-void
.end method

# True where there was something to go back to.
.method public goBack()Z
    .registers 3
    iget-object v0, p0, Lapp/lanai/shell/MainActivity;->page:Lapp/lanai/shell/Page;
    invoke-virtual {v0}, Lapp/lanai/shell/Page;->uncovered()Z
    move-result v0
    if-nez v0, :done
    iget-object v1, p0, Lapp/lanai/shell/MainActivity;->web:Landroid/webkit/WebView;
    invoke-virtual {v1}, Landroid/webkit/WebView;->canGoBack()Z
    move-result v0
    if-eqz v0, :done
    invoke-virtual {v1}, Landroid/webkit/WebView;->goBack()V
    :done
    return v0
.end method

.method public onBackPressed()V
    .registers 2
    invoke-virtual {p0}, Lapp/lanai/shell/MainActivity;->goBack()Z
    move-result v0
    if-nez v0, :done
    invoke-super {p0}, Landroid/app/Activity;->onBackPressed()V
    :done
    return-void
.end method

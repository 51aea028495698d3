.class public Lapp/lanai/shell/GoesBack;
.super Ljava/lang/Object;
.implements Landroid/window/OnBackInvokedCallback;

# Goes back in the page, by the system's gesture of Android 13 and later.

.field private final activity:Lapp/lanai/shell/MainActivity;
.field private there:Z

.method public constructor <init>(Lapp/lanai/shell/MainActivity;)V
    .registers 2
    invoke-direct {p0}, Ljava/lang/Object;-><init>()V
    iput-object p1, p0, Lapp/lanai/shell/GoesBack;->activity:Lapp/lanai/shell/MainActivity;
    return-void
.end method

.method public wanted(Z)V
    .registers 5
    iget-boolean v0, p0, Lapp/lanai/shell/GoesBack;->there:Z
    if-eq v0, p1, :done
    iput-boolean p1, p0, Lapp/lanai/shell/GoesBack;->there:Z
    iget-object v0, p0, Lapp/lanai/shell/GoesBack;->activity:Lapp/lanai/shell/MainActivity;
    invoke-virtual {v0}, Lapp/lanai/shell/MainActivity;->getOnBackInvokedDispatcher()Landroid/window/OnBackInvokedDispatcher;
    move-result-object v0
    if-eqz p1, :leave
    const/4 v1, 0x0
    invoke-interface {v0, v1, p0}, Landroid/window/OnBackInvokedDispatcher;->registerOnBackInvokedCallback(ILandroid/window/OnBackInvokedCallback;)V
    goto :done
    :leave
    invoke-interface {v0, p0}, Landroid/window/OnBackInvokedDispatcher;->unregisterOnBackInvokedCallback(Landroid/window/OnBackInvokedCallback;)V
    :done
    return-void
.end method

.method public onBackInvoked()V
    .registers 2
    iget-object v0, p0, Lapp/lanai/shell/GoesBack;->activity:Lapp/lanai/shell/MainActivity;
    invoke-virtual {v0}, Lapp/lanai/shell/MainActivity;->goBack()Z
    return-void
.end method

.class public Lapp/lanai/shell/Locates;
.super Lapp/lanai/shell/Ability;
.implements Landroid/content/DialogInterface$OnClickListener;

# Asks the person, when the page first wants it, whether it may know where the phone is: with the founder's reason, then as the system does.

.field private origin:Ljava/lang/String;
.field private waiting:Landroid/webkit/GeolocationPermissions$Callback;

.method public constructor <init>(Lapp/lanai/shell/MainActivity;)V
    .registers 2
    invoke-direct {p0, p1}, Lapp/lanai/shell/Ability;-><init>(Lapp/lanai/shell/MainActivity;)V
    return-void
.end method

.method public locate(Ljava/lang/String;Landroid/webkit/GeolocationPermissions$Callback;)Z
    .registers 7
    const/4 v3, 0x1
    const/4 v2, 0x0
    invoke-direct {p0, v2}, Lapp/lanai/shell/Locates;->give(Z)V
    iput-object p1, p0, Lapp/lanai/shell/Locates;->origin:Ljava/lang/String;
    iput-object p2, p0, Lapp/lanai/shell/Locates;->waiting:Landroid/webkit/GeolocationPermissions$Callback;
    iget-object v0, p0, Lapp/lanai/shell/Locates;->activity:Lapp/lanai/shell/MainActivity;
    const-string v1, "android.permission.ACCESS_COARSE_LOCATION"
    invoke-virtual {v0, v1}, Lapp/lanai/shell/MainActivity;->checkSelfPermission(Ljava/lang/String;)I
    move-result v1
    if-nez v1, :ask
    invoke-direct {p0, v3}, Lapp/lanai/shell/Locates;->give(Z)V
    return v3
    :ask
    new-instance v1, Landroid/app/AlertDialog$Builder;
    invoke-direct {v1, v0}, Landroid/app/AlertDialog$Builder;-><init>(Landroid/content/Context;)V
    const-string v0, "{{reason}}"
    invoke-virtual {v1, v0}, Landroid/app/AlertDialog$Builder;->setMessage(Ljava/lang/CharSequence;)Landroid/app/AlertDialog$Builder;
    const-string v0, "{{goOn}}"
    invoke-virtual {v1, v0, p0}, Landroid/app/AlertDialog$Builder;->setPositiveButton(Ljava/lang/CharSequence;Landroid/content/DialogInterface$OnClickListener;)Landroid/app/AlertDialog$Builder;
    const-string v0, "{{notNow}}"
    invoke-virtual {v1, v0, p0}, Landroid/app/AlertDialog$Builder;->setNegativeButton(Ljava/lang/CharSequence;Landroid/content/DialogInterface$OnClickListener;)Landroid/app/AlertDialog$Builder;
    invoke-virtual {v1, v2}, Landroid/app/AlertDialog$Builder;->setCancelable(Z)Landroid/app/AlertDialog$Builder;
    invoke-virtual {v1}, Landroid/app/AlertDialog$Builder;->show()Landroid/app/AlertDialog;
    return v3
.end method

# -1 is the button that goes on.
.method public onClick(Landroid/content/DialogInterface;I)V
    .registers 7
    const/4 v0, -0x1
    if-eq p2, v0, :on
    const/4 v0, 0x0
    invoke-direct {p0, v0}, Lapp/lanai/shell/Locates;->give(Z)V
    return-void
    :on
    const/4 v0, 0x2
    new-array v0, v0, [Ljava/lang/String;
    const/4 v1, 0x0
    const-string v2, "android.permission.ACCESS_COARSE_LOCATION"
    aput-object v2, v0, v1
    const/4 v1, 0x1
    const-string v2, "android.permission.ACCESS_FINE_LOCATION"
    aput-object v2, v0, v1
    iget-object v1, p0, Lapp/lanai/shell/Locates;->activity:Lapp/lanai/shell/MainActivity;
    const/16 v2, 0x1003
    invoke-virtual {v1, v0, v2}, Lapp/lanai/shell/MainActivity;->requestPermissions([Ljava/lang/String;I)V
    return-void
.end method

# 0 is granted; where it was broken off there is no answer at all.
.method public permitted(I[I)Z
    .registers 6
    const/16 v0, 0x1003
    if-eq p1, v0, :mine
    const/4 v0, 0x0
    return v0
    :mine
    const/4 v1, 0x0
    array-length v0, p2
    if-eqz v0, :known
    aget v0, p2, v1
    if-nez v0, :known
    const/4 v1, 0x1
    :known
    invoke-direct {p0, v1}, Lapp/lanai/shell/Locates;->give(Z)V
    const/4 v0, 0x1
    return v0
.end method

.method private give(Z)V
    .registers 6
    iget-object v0, p0, Lapp/lanai/shell/Locates;->waiting:Landroid/webkit/GeolocationPermissions$Callback;
    if-eqz v0, :nobody
    const/4 v1, 0x0
    iput-object v1, p0, Lapp/lanai/shell/Locates;->waiting:Landroid/webkit/GeolocationPermissions$Callback;
    iget-object v1, p0, Lapp/lanai/shell/Locates;->origin:Ljava/lang/String;
    const/4 v2, 0x0
    invoke-interface {v0, v1, p1, v2}, Landroid/webkit/GeolocationPermissions$Callback;->invoke(Ljava/lang/String;ZZ)V
    :nobody
    return-void
.end method

.class public abstract Lapp/lanai/shell/Ability;
.super Ljava/lang/Object;

# One thing that the phone does for the page. A package holds only those that its app uses; each is asked whether something is for it.

.field protected final activity:Lapp/lanai/shell/MainActivity;

.method public constructor <init>(Lapp/lanai/shell/MainActivity;)V
    .registers 2
    invoke-direct {p0}, Ljava/lang/Object;-><init>()V
    iput-object p1, p0, Lapp/lanai/shell/Ability;->activity:Lapp/lanai/shell/MainActivity;
    return-void
.end method

# By which the page asks for it; null where the page does not.
.method public name()Ljava/lang/String;
    .registers 2
    const/4 v0, 0x0
    return-object v0
.end method

# Does what the page asked for, and says what came of it.
.method public answer(Ljava/lang/String;)Ljava/lang/String;
    .registers 3
    const-string v0, ""
    return-object v0
.end method

# True where it lets the person choose files.
.method public choose(Landroid/webkit/ValueCallback;Landroid/webkit/WebChromeClient$FileChooserParams;)Z
    .registers 4
    const/4 v0, 0x0
    return v0
.end method

# True where it asks the person whether the page may know where the phone is.
.method public locate(Ljava/lang/String;Landroid/webkit/GeolocationPermissions$Callback;)Z
    .registers 4
    const/4 v0, 0x0
    return v0
.end method

# The place of the app that what opened it is for, as in its addresses after the #; null where that is not for it.
.method public opened(Landroid/content/Intent;)Ljava/lang/String;
    .registers 3
    const/4 v0, 0x0
    return-object v0
.end method

# The app has come to the front.
.method public shown()V
    .registers 1
    return-void
.end method

# Something else has come to the front.
.method public hidden()V
    .registers 1
    return-void
.end method

# True where it had begun what has come back: a code, how it ended, and what it brought.
.method public result(IILandroid/content/Intent;)Z
    .registers 5
    const/4 v0, 0x0
    return v0
.end method

# True where it had asked for what was granted or not.
.method public permitted(I[I)Z
    .registers 4
    const/4 v0, 0x0
    return v0
.end method

.class public Lapp/lanai/shell/Feels;
.super Lapp/lanai/shell/Ability;

# A small tick under the finger, as the system has it for clocks that are turned.

.method public constructor <init>(Lapp/lanai/shell/MainActivity;)V
    .registers 2
    invoke-direct {p0, p1}, Lapp/lanai/shell/Ability;-><init>(Lapp/lanai/shell/MainActivity;)V
    return-void
.end method

.method public name()Ljava/lang/String;
    .registers 2
    const-string v0, "tick"
    return-object v0
.end method

.method public answer(Ljava/lang/String;)Ljava/lang/String;
    .registers 4
    iget-object v0, p0, Lapp/lanai/shell/Feels;->activity:Lapp/lanai/shell/MainActivity;
    invoke-virtual {v0}, Lapp/lanai/shell/MainActivity;->web()Landroid/webkit/WebView;
    move-result-object v0
    const/4 v1, 0x4
    invoke-virtual {v0, v1}, Landroid/webkit/WebView;->performHapticFeedback(I)Z
    const-string v0, ""
    return-object v0
.end method

.class public Lapp/lanai/shell/Taken;
.super Landroid/content/ContentProvider;

# The pictures that the camera has taken for the app, each at an address that only the camera is told of.

.method public constructor <init>()V
    .registers 1
    invoke-direct {p0}, Landroid/content/ContentProvider;-><init>()V
    return-void
.end method

.method public onCreate()Z
    .registers 2
    const/4 v0, 0x1
    return v0
.end method

.method public getType(Landroid/net/Uri;)Ljava/lang/String;
    .registers 3
    const-string v0, "image/jpeg"
    return-object v0
.end method

# Nothing outside of the folder: only the name counts.
.method private file(Landroid/net/Uri;)Ljava/io/File;
    .registers 5
    new-instance v0, Ljava/io/File;
    invoke-virtual {p1}, Landroid/net/Uri;->getLastPathSegment()Ljava/lang/String;
    move-result-object v1
    invoke-direct {v0, v1}, Ljava/io/File;-><init>(Ljava/lang/String;)V
    invoke-virtual {v0}, Ljava/io/File;->getName()Ljava/lang/String;
    move-result-object v0
    invoke-virtual {p0}, Lapp/lanai/shell/Taken;->getContext()Landroid/content/Context;
    move-result-object v1
    invoke-virtual {v1}, Landroid/content/Context;->getCacheDir()Ljava/io/File;
    move-result-object v1
    new-instance v2, Ljava/io/File;
    invoke-direct {v2, v1, v0}, Ljava/io/File;-><init>(Ljava/io/File;Ljava/lang/String;)V
    return-object v2
.end method

.method public openFile(Landroid/net/Uri;Ljava/lang/String;)Landroid/os/ParcelFileDescriptor;
    .registers 5
    invoke-direct {p0, p1}, Lapp/lanai/shell/Taken;->file(Landroid/net/Uri;)Ljava/io/File;
    move-result-object v0
    invoke-static {p2}, Landroid/os/ParcelFileDescriptor;->parseMode(Ljava/lang/String;)I
    move-result v1
    invoke-static {v0, v1}, Landroid/os/ParcelFileDescriptor;->open(Ljava/io/File;I)Landroid/os/ParcelFileDescriptor;
    move-result-object v0
    return-object v0
.end method

# Its name and its length, as whoever sends it on wants to know them.
.method public query(Landroid/net/Uri;[Ljava/lang/String;Ljava/lang/String;[Ljava/lang/String;Ljava/lang/String;)Landroid/database/Cursor;
    .registers 12
    const/4 v0, 0x2
    new-array v1, v0, [Ljava/lang/String;
    const/4 v2, 0x0
    const-string v3, "_display_name"
    aput-object v3, v1, v2
    const/4 v2, 0x1
    const-string v3, "_size"
    aput-object v3, v1, v2
    new-instance v3, Landroid/database/MatrixCursor;
    invoke-direct {v3, v1}, Landroid/database/MatrixCursor;-><init>([Ljava/lang/String;)V
    invoke-direct {p0, p1}, Lapp/lanai/shell/Taken;->file(Landroid/net/Uri;)Ljava/io/File;
    move-result-object v1
    new-array v0, v0, [Ljava/lang/Object;
    invoke-virtual {v1}, Ljava/io/File;->length()J
    move-result-wide v4
    invoke-static {v4, v5}, Ljava/lang/Long;->valueOf(J)Ljava/lang/Long;
    move-result-object v4
    aput-object v4, v0, v2
    const/4 v2, 0x0
    invoke-virtual {v1}, Ljava/io/File;->getName()Ljava/lang/String;
    move-result-object v1
    aput-object v1, v0, v2
    invoke-virtual {v3, v0}, Landroid/database/MatrixCursor;->addRow([Ljava/lang/Object;)V
    return-object v3
.end method

.method public insert(Landroid/net/Uri;Landroid/content/ContentValues;)Landroid/net/Uri;
    .registers 4
    const/4 v0, 0x0
    return-object v0
.end method

.method public update(Landroid/net/Uri;Landroid/content/ContentValues;Ljava/lang/String;[Ljava/lang/String;)I
    .registers 6
    const/4 v0, 0x0
    return v0
.end method

.method public delete(Landroid/net/Uri;Ljava/lang/String;[Ljava/lang/String;)I
    .registers 5
    const/4 v0, 0x0
    return v0
.end method

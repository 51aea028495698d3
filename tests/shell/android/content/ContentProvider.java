package android.content;

import android.database.Cursor;
import android.net.Uri;
import android.os.ParcelFileDescriptor;
import java.io.FileNotFoundException;

public abstract class ContentProvider {
    public Context getContext() {
        return new Context();
    }

    public abstract boolean onCreate();

    public abstract String getType(Uri uri);

    public abstract Cursor query(Uri uri, String[] columns, String where, String[] with, String order);

    public abstract Uri insert(Uri uri, ContentValues values);

    public abstract int update(Uri uri, ContentValues values, String where, String[] with);

    public abstract int delete(Uri uri, String where, String[] with);

    public ParcelFileDescriptor openFile(Uri uri, String mode) throws FileNotFoundException {
        return null;
    }
}

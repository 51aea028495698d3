package android.content;

import android.net.Uri;
import java.io.FileNotFoundException;
import java.io.FileOutputStream;
import java.io.OutputStream;

public class ContentResolver {
    public OutputStream openOutputStream(Uri uri) throws FileNotFoundException {
        return new FileOutputStream(System.getProperty("cache") + "/" + uri.getLastPathSegment());
    }
}

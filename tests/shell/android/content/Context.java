package android.content;

import android.content.res.AssetManager;
import java.io.File;

public class Context {
    public static int granted = -1;

    public AssetManager getAssets() {
        return new AssetManager();
    }

    public File getCacheDir() {
        return new File(System.getProperty("cache"));
    }

    public ContentResolver getContentResolver() {
        return new ContentResolver();
    }

    public int checkSelfPermission(String name) {
        return granted;
    }
}

package android.content;

import android.app.KeyguardManager;
import android.content.res.AssetManager;
import java.io.File;
import java.io.FileInputStream;
import java.io.FileNotFoundException;
import java.io.FileOutputStream;

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

    public Object getSystemService(String name) {
        return name.equals("keyguard") ? new KeyguardManager() : null;
    }

    public FileInputStream openFileInput(String name) throws FileNotFoundException {
        return new FileInputStream(new File(System.getProperty("cache"), name));
    }

    public FileOutputStream openFileOutput(String name, int mode) throws FileNotFoundException {
        return new FileOutputStream(new File(System.getProperty("cache"), name));
    }

    public boolean deleteFile(String name) {
        return new File(System.getProperty("cache"), name).delete();
    }

    public int checkSelfPermission(String name) {
        return granted;
    }
}

package android.content;

import android.app.KeyguardManager;
import android.app.NotificationManager;
import android.app.job.JobScheduler;
import android.content.res.AssetManager;
import android.content.res.Resources;
import java.io.File;
import java.io.FileInputStream;
import java.io.FileNotFoundException;
import java.io.FileOutputStream;
import java.util.Map;
import java.util.TreeMap;

public class Context {
    public static int granted = -1;
    private static final Map<String, SharedPreferences> KEPT = new TreeMap<>();

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
        return switch (name) {
            case "keyguard" -> new KeyguardManager();
            case "notification" -> new NotificationManager();
            case "jobscheduler" -> new JobScheduler();
            default -> null;
        };
    }

    public SharedPreferences getSharedPreferences(String name, int mode) {
        return KEPT.computeIfAbsent(name, (one) -> new SharedPreferences.Kept());
    }

    public Resources getResources() {
        return new Resources();
    }

    public String getPackageName() {
        return "com.example.roofs";
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

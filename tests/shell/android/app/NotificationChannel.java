package android.app;

public class NotificationChannel {
    public final String said;

    public NotificationChannel(String id, CharSequence name, int importance) {
        said = id + " “" + name + "” " + importance;
    }
}

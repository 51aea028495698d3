package android.app;

import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;

public class NotificationManager {
    public static boolean enabled = true;
    public static final Map<String, Notification> shown = new TreeMap<>();
    public static final TreeSet<String> channels = new TreeSet<>();

    public boolean areNotificationsEnabled() {
        return enabled;
    }

    public void createNotificationChannel(NotificationChannel channel) {
        channels.add(channel.said);
    }

    public void notify(String tag, int id, Notification notification) {
        shown.put(tag, notification);
    }
}

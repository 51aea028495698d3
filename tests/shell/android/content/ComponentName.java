package android.content;

public class ComponentName {
    public final String name;

    public ComponentName(Context context, Class<?> type) {
        name = type.getName();
    }
}

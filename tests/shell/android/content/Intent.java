package android.content;

import android.net.Uri;
import android.os.Parcelable;
import java.util.Map;
import java.util.TreeMap;

public class Intent implements Parcelable {
    /** Actions that no other program takes. */
    public static String nobody = "";
    public String action = "";
    public String opens = "";
    public final Uri data;
    public String type;
    public int flags;
    public ClipData clip;
    public final Map<String, Object> extras = new TreeMap<>();

    public Intent(String action) {
        this(action, null);
    }

    public Intent(String action, Uri data) {
        this.action = action;
        this.data = data;
    }

    public Intent(Context context, Class<?> type) {
        this.data = null;
        this.opens = type.getName();
    }

    public Intent setAction(String action) {
        this.action = action;
        return this;
    }

    public static void refuse(Intent intent) {
        if (intent.action.equals(nobody)) throw new ActivityNotFoundException();
    }

    public static Intent createChooser(Intent of, CharSequence title) {
        Intent chooser = new Intent("android.intent.action.CHOOSER");
        chooser.extras.put("of", of);
        return chooser;
    }

    public String getAction() {
        return action;
    }

    public String getStringExtra(String name) {
        return (String) extras.get(name);
    }

    public Uri getData() {
        return data;
    }

    public Intent setType(String type) {
        this.type = type;
        return this;
    }

    public Intent addCategory(String category) {
        return this;
    }

    public Intent addFlags(int flags) {
        this.flags |= flags;
        return this;
    }

    public void setClipData(ClipData clip) {
        this.clip = clip;
    }

    public Intent putExtra(String name, String value) {
        extras.put(name, value);
        return this;
    }

    public Intent putExtra(String name, Parcelable value) {
        extras.put(name, value);
        return this;
    }

    public Intent putExtra(String name, Parcelable[] value) {
        extras.put(name, value);
        return this;
    }
}

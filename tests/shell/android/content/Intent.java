package android.content;

import android.net.Uri;

public class Intent {
    public final String action;
    public final Uri data;

    public Intent(String action, Uri data) {
        this.action = action;
        this.data = data;
    }
}

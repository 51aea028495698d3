package android.app;

import android.content.Context;
import android.content.Intent;

public class PendingIntent {
    public Intent intent;
    public int flags;

    public static PendingIntent getActivity(Context context, int code, Intent intent, int flags) {
        PendingIntent pending = new PendingIntent();
        pending.intent = intent;
        pending.flags = flags;
        return pending;
    }
}

package android.app;

import android.content.Intent;

public class KeyguardManager {
    public static boolean locks = true;

    public Intent createConfirmDeviceCredentialIntent(CharSequence title, CharSequence words) {
        if (!locks) return null;
        Intent intent = new Intent("confirm");
        intent.putExtra("title", title.toString());
        return intent;
    }
}

package android.app;

import android.content.Context;
import android.content.DialogInterface;

public class AlertDialog implements DialogInterface {
    public static String said;
    public static DialogInterface.OnClickListener listener;

    public static class Builder {
        public Builder(Context context) {}

        public Builder setMessage(CharSequence text) {
            said = text.toString();
            return this;
        }

        public Builder setPositiveButton(CharSequence text, DialogInterface.OnClickListener on) {
            said += " | " + text;
            listener = on;
            return this;
        }

        public Builder setNegativeButton(CharSequence text, DialogInterface.OnClickListener on) {
            said += " | " + text;
            return this;
        }

        public Builder setCancelable(boolean may) {
            return this;
        }

        public AlertDialog show() {
            return new AlertDialog();
        }
    }
}

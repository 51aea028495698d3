package android.app;

import android.content.Context;
import android.graphics.Bitmap;

public class Notification {
    public String said = "";
    public PendingIntent opens;

    public abstract static class Style {
        public String said = "";
    }

    public static class BigTextStyle extends Style {
        public BigTextStyle bigText(CharSequence text) {
            said = "text " + text;
            return this;
        }
    }

    public static class BigPictureStyle extends Style {
        public BigPictureStyle bigPicture(Bitmap picture) {
            said += "picture of " + picture.bytes + " bytes ";
            return this;
        }

        public BigPictureStyle setSummaryText(CharSequence text) {
            said += text;
            return this;
        }
    }

    public static class Builder {
        private final Notification made = new Notification();

        public Builder(Context context) {
            made.said = "no channel";
        }

        public Builder(Context context, String channel) {
            made.said = channel;
        }

        private Builder with(Object what) {
            made.said += " | " + what;
            return this;
        }

        public Builder setSmallIcon(int icon) {
            return with(icon);
        }

        public Builder setColor(int colour) {
            return with(Integer.toHexString(colour));
        }

        public Builder setContentTitle(CharSequence title) {
            return with(title);
        }

        public Builder setContentText(CharSequence text) {
            return with(text);
        }

        public Builder setAutoCancel(boolean cancels) {
            return this;
        }

        public Builder setDefaults(int defaults) {
            return with("sound " + defaults);
        }

        public Builder setLargeIcon(Bitmap icon) {
            return this;
        }

        public Builder setStyle(Style style) {
            return with(style.said);
        }

        public Builder setContentIntent(PendingIntent opens) {
            made.opens = opens;
            return this;
        }

        public Notification build() {
            return made;
        }
    }
}

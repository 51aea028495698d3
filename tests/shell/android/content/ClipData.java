package android.content;

import android.net.Uri;

public class ClipData {
    public Uri uri;

    public static ClipData newRawUri(CharSequence label, Uri uri) {
        ClipData clip = new ClipData();
        clip.uri = uri;
        return clip;
    }
}

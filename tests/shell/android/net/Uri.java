package android.net;

import android.os.Parcelable;

public class Uri implements Parcelable {
    private final java.net.URI uri;

    public Uri(String text) {
        uri = java.net.URI.create(text);
    }

    public static Uri parse(String text) {
        return new Uri(text);
    }

    /** As the platform writes it: all but letters, digits and _-!.~'()* as UTF-8 bytes. */
    public static String encode(String text) {
        return java.net.URLEncoder.encode(text, java.nio.charset.StandardCharsets.UTF_8).replace("+", "%20");
    }

    public String getScheme() {
        return uri.getScheme();
    }

    public String getHost() {
        return uri.getHost();
    }

    public String getPath() {
        return uri.getPath();
    }

    public String getEncodedFragment() {
        return uri.getRawFragment();
    }

    public String getLastPathSegment() {
        String raw = uri.getRawPath();
        return java.net.URLDecoder.decode(raw.substring(raw.lastIndexOf('/') + 1), java.nio.charset.StandardCharsets.UTF_8);
    }

    @Override
    public String toString() {
        return uri.toString();
    }
}

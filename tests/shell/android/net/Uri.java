package android.net;

public class Uri {
    private final java.net.URI uri;

    public Uri(String text) {
        uri = java.net.URI.create(text);
    }

    public String getHost() {
        return uri.getHost();
    }

    public String getPath() {
        return uri.getPath();
    }

    @Override
    public String toString() {
        return uri.toString();
    }
}

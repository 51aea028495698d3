package android.webkit;

public class WebSettings {
    public boolean script;
    public boolean storage;
    public boolean files = true;
    public int mixed = -1;

    public void setJavaScriptEnabled(boolean on) {
        script = on;
    }

    public void setDomStorageEnabled(boolean on) {
        storage = on;
    }

    public void setAllowFileAccess(boolean on) {
        files = on;
    }

    public void setMediaPlaybackRequiresUserGesture(boolean needed) {}

    public void setMixedContentMode(int mode) {
        mixed = mode;
    }
}

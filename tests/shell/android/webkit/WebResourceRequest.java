package android.webkit;

import android.net.Uri;

public interface WebResourceRequest {
    Uri getUrl();

    default boolean isForMainFrame() {
        return true;
    }
}

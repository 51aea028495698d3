package android.webkit;

import java.io.InputStream;

public class WebResourceResponse {
    public final String type;
    public final String encoding;
    public final InputStream data;

    public WebResourceResponse(String type, String encoding, InputStream data) {
        this.type = type;
        this.encoding = encoding;
        this.data = data;
    }
}

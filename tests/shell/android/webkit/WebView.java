package android.webkit;

import android.content.Context;
import android.view.View;

public class WebView extends View {
    public final WebSettings settings = new WebSettings();
    public WebViewClient client;
    public String loaded;
    public boolean hasBefore;
    public int wentBack;

    public WebView(Context context) {}

    public WebSettings getSettings() {
        return settings;
    }

    public void setWebViewClient(WebViewClient client) {
        this.client = client;
    }

    public void loadUrl(String url) {
        loaded = url;
    }

    public boolean canGoBack() {
        return hasBefore;
    }

    public void goBack() {
        wentBack++;
    }
}

package android.webkit;

import android.content.Context;
import android.os.Bundle;
import android.view.View;

public class WebView extends View {
    public static final WebBackForwardList LIST = new WebBackForwardList();
    public static boolean restores;
    public final WebSettings settings = new WebSettings();
    public WebViewClient client;
    public WebChromeClient chrome;
    public String loaded;
    public String ran;
    public boolean hasBefore;
    public boolean saved;
    public int wentBack;

    public WebView(Context context) {}

    public WebSettings getSettings() {
        return settings;
    }

    public void setWebViewClient(WebViewClient client) {
        this.client = client;
    }

    public void setWebChromeClient(WebChromeClient chrome) {
        this.chrome = chrome;
    }

    public void evaluateJavascript(String script, ValueCallback<String> callback) {
        ran = script;
    }

    public WebBackForwardList restoreState(Bundle state) {
        return restores ? LIST : null;
    }

    public WebBackForwardList saveState(Bundle state) {
        saved = true;
        return LIST;
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

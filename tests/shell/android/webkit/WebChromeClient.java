package android.webkit;

import android.content.Intent;
import android.net.Uri;
import android.view.View;

public class WebChromeClient {
    public boolean onJsPrompt(WebView view, String url, String message, String preset, JsPromptResult result) {
        return false;
    }

    public boolean onShowFileChooser(WebView view, ValueCallback<Uri[]> callback, FileChooserParams params) {
        return false;
    }

    public void onGeolocationPermissionsShowPrompt(String origin, GeolocationPermissions.Callback callback) {}

    public void onShowCustomView(View view, CustomViewCallback callback) {}

    public void onHideCustomView() {}

    public interface CustomViewCallback {
        void onCustomViewHidden();
    }

    public static class FileChooserParams {
        private final String[] types;

        public FileChooserParams(String... types) {
            this.types = types;
        }

        public String[] getAcceptTypes() {
            return types;
        }

        public Intent createIntent() {
            return new Intent("android.intent.action.GET_CONTENT");
        }

        public static Uri[] parseResult(int how, Intent data) {
            return how == -1 && data != null && data.getData() != null ? new Uri[] {data.getData()} : null;
        }
    }
}

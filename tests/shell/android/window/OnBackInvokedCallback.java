package android.window;

public interface OnBackInvokedCallback {
    void onBackInvoked();
}

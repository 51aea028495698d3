package android.window;

public interface OnBackInvokedDispatcher {
    void registerOnBackInvokedCallback(int priority, OnBackInvokedCallback callback);

    void unregisterOnBackInvokedCallback(OnBackInvokedCallback callback);

    class Kept implements OnBackInvokedDispatcher {
        public OnBackInvokedCallback callback;

        public void registerOnBackInvokedCallback(int priority, OnBackInvokedCallback callback) {
            this.callback = callback;
        }

        public void unregisterOnBackInvokedCallback(OnBackInvokedCallback callback) {
            this.callback = null;
        }
    }
}

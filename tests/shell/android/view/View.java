package android.view;

import android.content.Context;

public class View {
    public int padding;
    public int visibility;
    public int seen;
    public int felt;
    public OnApplyWindowInsetsListener insets;

    public View() {}

    public View(Context context) {}

    public interface OnApplyWindowInsetsListener {
        WindowInsets onApplyWindowInsets(View view, WindowInsets insets);
    }

    public void setOnApplyWindowInsetsListener(OnApplyWindowInsetsListener listener) {
        insets = listener;
    }

    public void setPadding(int left, int top, int right, int bottom) {
        padding = bottom;
    }

    public void setVisibility(int seen) {
        this.seen = seen;
    }

    public void setSystemUiVisibility(int flags) {
        visibility = flags;
    }

    public boolean performHapticFeedback(int kind) {
        felt = kind;
        return true;
    }
}

package android.widget;

import android.content.Context;
import android.view.View;
import java.util.ArrayList;
import java.util.List;

public class FrameLayout extends View {
    public final List<View> views = new ArrayList<>();

    public FrameLayout(Context context) {}

    public void addView(View view) {
        views.add(view);
    }

    public void removeView(View view) {
        views.remove(view);
    }
}

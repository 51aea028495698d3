package android.app;

import android.content.Context;
import android.content.Intent;
import android.os.Bundle;
import android.view.View;

public class Activity extends Context {
    public static View shown;
    public static Intent started;

    protected void onCreate(Bundle state) {}

    public void onBackPressed() {}

    public void setContentView(View view) {
        shown = view;
    }

    public void startActivity(Intent intent) {
        started = intent;
    }
}

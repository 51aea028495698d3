package android.app;

import android.content.Context;
import android.content.Intent;
import android.os.Bundle;
import android.view.View;
import android.view.Window;
import android.window.OnBackInvokedDispatcher;
import java.util.List;

public class Activity extends Context {
    public static View shown;
    public static Intent started;
    public static int code;
    public static List<String> asked = List.of();
    public static int left;
    public static int finished;
    public final Window window = new Window();
    public Intent intent = new Intent("android.intent.action.MAIN");
    public final OnBackInvokedDispatcher dispatcher = new OnBackInvokedDispatcher.Kept();

    protected void onCreate(Bundle state) {}

    protected void onNewIntent(Intent intent) {}

    protected void onResume() {}

    protected void onStop() {}

    public void finish() {
        finished++;
    }

    public Window getWindow() {
        return window;
    }

    protected void onSaveInstanceState(Bundle state) {}

    protected void onActivityResult(int code, int how, Intent data) {}

    public void onRequestPermissionsResult(int code, String[] names, int[] granted) {}

    public void onBackPressed() {
        left++;
    }

    public Intent getIntent() {
        return intent;
    }

    public OnBackInvokedDispatcher getOnBackInvokedDispatcher() {
        return dispatcher;
    }

    public void setContentView(View view) {
        shown = view;
    }

    public void startActivity(Intent intent) {
        started = intent;
        Intent.refuse(intent);
    }

    public void startActivityForResult(Intent intent, int code) {
        startActivity(intent);
        Activity.code = code;
    }

    public void requestPermissions(String[] names, int code) {
        asked = List.of(names);
        Activity.code = code;
    }
}

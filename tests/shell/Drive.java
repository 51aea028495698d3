import android.app.Activity;
import android.net.Uri;
import android.os.Bundle;
import android.webkit.WebResourceResponse;
import android.webkit.WebView;
import java.lang.reflect.Method;

/** Starts the shell's activity as the system would, and prints one line for each thing it is seen to do. */
public class Drive {
    public static void main(String[] arguments) throws Exception {
        Activity activity = (Activity) Class.forName("app.lanai.shell.MainActivity").getConstructor().newInstance();
        Method create = activity.getClass().getDeclaredMethod("onCreate", Bundle.class);
        create.setAccessible(true);
        create.invoke(activity, new Object[] {null});

        WebView web = (WebView) Activity.shown;
        say("script", web.settings.script);
        say("storage", web.settings.storage);
        say("files", web.settings.files);
        say("mixed", web.settings.mixed);
        say("loaded", web.loaded);
        for (String url : arguments) {
            Uri uri = new Uri(url);
            WebResourceResponse answer = web.client.shouldInterceptRequest(web, () -> uri);
            say("answer " + url, answer == null ? "none" : answer.type + " " + answer.data.readAllBytes().length);
            say("outside " + url, web.client.shouldOverrideUrlLoading(web, () -> uri) ? Activity.started.action + " " + Activity.started.data : "no");
        }
        web.hasBefore = true;
        activity.onBackPressed();
        say("back", web.wentBack);
    }

    private static void say(String what, Object value) {
        System.out.println(what + ": " + value);
    }
}

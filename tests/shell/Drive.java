import android.app.Activity;
import android.app.AlertDialog;
import android.app.KeyguardManager;
import android.app.Notification;
import android.app.NotificationManager;
import android.app.job.JobParameters;
import android.app.job.JobScheduler;
import android.app.job.JobService;
import android.content.ContentProvider;
import android.content.Context;
import android.content.Intent;
import android.database.MatrixCursor;
import android.net.Uri;
import android.os.Bundle;
import android.os.Parcelable;
import android.os.SystemClock;
import android.view.View;
import android.view.WindowInsets;
import android.webkit.JsPromptResult;
import android.webkit.ValueCallback;
import android.webkit.WebChromeClient.FileChooserParams;
import android.webkit.WebResourceRequest;
import android.webkit.WebResourceResponse;
import android.webkit.WebView;
import android.widget.FrameLayout;
import android.window.OnBackInvokedDispatcher;
import com.sun.net.httpserver.HttpServer;
import java.io.File;
import java.lang.reflect.Method;
import java.net.InetSocketAddress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;

/** Starts the shell's activity as the system would, and prints one line for each thing it is seen to do. */
public class Drive {
    private static final String OWN = "https://app.lanai.invalid/index.html";
    private static final String FOREIGN = "https://elsewhere.example/frame";
    private static Activity activity;
    private static WebView web;

    public static void main(String[] arguments) throws Exception {
        WebView.restores = Boolean.getBoolean("restores");
        activity = (Activity) Class.forName("app.lanai.shell.MainActivity").getConstructor().newInstance();
        if (System.getProperty("link") != null) activity.intent = new Intent("android.intent.action.VIEW", new Uri(System.getProperty("link")));
        call("onCreate", new Class<?>[] {Bundle.class}, WebView.restores ? new Bundle() : null);
        FrameLayout frame = (FrameLayout) Activity.shown;
        web = (WebView) frame.views.get(0);
        say("script", web.settings.script);
        say("storage", web.settings.storage);
        say("files", web.settings.files);
        say("mixed", web.settings.mixed);
        say("loaded", web.loaded);
        say("edge to edge", frame.visibility);
        for (String url : arguments) {
            Uri uri = new Uri(url);
            WebResourceResponse answer = web.client.shouldInterceptRequest(web, () -> uri);
            say("answer " + url, answer == null ? "none" : answer.type + " " + answer.data.readAllBytes().length);
            say("outside " + url, web.client.shouldOverrideUrlLoading(web, () -> uri) ? Activity.started.action + " " + Activity.started.data : "no");
        }
        say("foreign frame", web.client.shouldOverrideUrlLoading(web, new WebResourceRequest() {
            public Uri getUrl() {
                return new Uri(FOREIGN);
            }

            public boolean isForMainFrame() {
                return false;
            }
        }));
        goesBack(frame);
        edges(frame);
        asks();
        call("onNewIntent", new Class<?>[] {Intent.class}, new Intent("android.intent.action.VIEW", new Uri("https://lanai.example/a/roofs#/one/7")));
        say("came by a link", web.loaded);
        call("onNewIntent", new Class<?>[] {Intent.class}, new Intent("android.intent.action.MAIN"));
        say("came back", web.loaded);
        shared();
        notifies();
        locks();
        fails();
        call("onSaveInstanceState", new Class<?>[] {Bundle.class}, new Bundle());
        say("saved", web.saved);
    }

    private static void shared() throws Exception {
        Intent sent = new Intent("android.intent.action.SEND");
        sent.putExtra("android.intent.extra.TEXT", "Hi & bye/ü");
        call("onNewIntent", new Class<?>[] {Intent.class}, sent);
        say("was shared", web.loaded);
        Intent empty = new Intent("android.intent.action.SEND");
        web.loaded = "as it was";
        call("onNewIntent", new Class<?>[] {Intent.class}, empty);
        say("was shared nothing", web.loaded);
        Intent long_ = new Intent("android.intent.action.SEND");
        long_.putExtra("android.intent.extra.TEXT", "x".repeat(5000));
        call("onNewIntent", new Class<?>[] {Intent.class}, long_);
        say("was shared much", web.loaded.length());
        web.loaded = "https://app.lanai.invalid/index.html#/one/7";
    }

    private static void notifies() throws Exception {
        Context.granted = -1;
        Activity.asked = List.of();
        String asked = prompt(OWN, "lanai:notify", "ask");
        say("may messages come", asked);
        if (asked.equals("nothing")) return;
        say("asked the person for", Activity.asked);
        for (int[] granted : new int[][] {{}, {-1}, {0}}) {
            activity.onRequestPermissionsResult(Activity.code, new String[0], granted);
            say("answered " + Arrays.toString(granted), web.ran);
        }
        Context.granted = 0;
        say("may messages come now", prompt(OWN, "lanai:notify", "ask"));
        NotificationManager.enabled = false;
        say("turned off in the settings", prompt(OWN, "lanai:notify", "ask"));
        NotificationManager.enabled = true;
        say("nobody else asks", prompt(FOREIGN, "lanai:notify", "ask"));
        JobService service = (JobService) Class.forName("app.lanai.shell.Fetches").getConstructor().newInstance();
        say("from nowhere", fetched(service));
        HttpServer server = HttpServer.create(new InetSocketAddress("127.0.0.1", 0), 0);
        int[] mode = {200};
        StringBuilder told = new StringBuilder();
        server.createContext("/picture", (exchange) -> {
            exchange.sendResponseHeaders(200, 5);
            exchange.getResponseBody().write("a png".getBytes());
            exchange.close();
        });
        server.start();
        String at = "http://127.0.0.1:" + server.getAddress().getPort();
        String shown = Files.readString(Path.of(System.getProperty("waiting"))).replace("https://lanai.example", at);
        server.createContext("/fetch", (exchange) -> {
            String body = new String(exchange.getRequestBody().readAllBytes(), "UTF-8");
            told.append(exchange.getRequestMethod()).append(' ').append(body).append(' ');
            byte[] answer = (mode[0] == -200 ? "{\"oops" : body.contains("had") ? "{\"messages\":[]}" : shown).getBytes("UTF-8");
            exchange.sendResponseHeaders(Math.abs(mode[0]), answer.length);
            exchange.getResponseBody().write(answer);
            exchange.close();
        });
        say("kept", prompt(OWN, "lanai:notify", at + "/fetch\n{\"handle\":\"h\"}"));
        say("planned", JobScheduler.planned.said);
        prompt(OWN, "lanai:notify", at + "/fetch\n{\"handle\":\"h\"}");
        say("planned times", JobScheduler.times);
        mode[0] = 503;
        say("the server is away", fetched(service) + " " + NotificationManager.shown.size());
        mode[0] = -200;
        say("the answer is broken", fetched(service) + " " + NotificationManager.shown.size());
        mode[0] = 200;
        told.setLength(0);
        say("fetched", fetched(service) + " " + NotificationManager.shown.size());
        say("told", told);
        int n = 0;
        for (String tag : NotificationManager.shown.keySet()) say("shown " + ++n, tag + " " + NotificationManager.shown.get(tag).said);
        say("channels", NotificationManager.channels);
        fetched(service);
        say("the same again", NotificationManager.shown.size());
        NotificationManager.enabled = false;
        told.setLength(0);
        say("with messages off", fetched(service) + " “" + told + "”");
        NotificationManager.enabled = true;
        server.stop(0);
        say("is stopped", service.onStopJob(null));
        Notification first = NotificationManager.shown.values().iterator().next();
        say("opens", first.opens.intent.opens + " " + Integer.toHexString(first.opens.flags));
        call("onNewIntent", new Class<?>[] {Intent.class}, first.opens.intent);
        say("tapped", web.loaded);
        say("told which", prompt(OWN, "lanai:notify", "told"));
        say("told it once", prompt(OWN, "lanai:notify", "told"));
        web.loaded = "as it was";
        Notification last = null;
        for (Notification one : NotificationManager.shown.values()) last = one;
        call("onNewIntent", new Class<?>[] {Intent.class}, last.opens.intent);
        say("tapped one that leads nowhere", web.loaded);
        web.loaded = "https://app.lanai.invalid/index.html#/one/7";
    }

    private static boolean fetched(JobService service) throws Exception {
        if (!service.onStartJob(new JobParameters())) throw new IllegalStateException("It does not go on.");
        return service.finished.take();
    }

    private static void locks() throws Exception {
        say("secure", (activity.window.flags & 0x2000) != 0);
        Activity.started = null;
        call("onResume", new Class<?>[0]);
        say("asked who holds it", Activity.started == null ? "no" : Activity.started.action + " " + Activity.started.extras.get("title") + " " + web.seen);
        if (Activity.started == null) return;
        call("onStop", new Class<?>[0]);
        result(-1, null);
        call("onResume", new Class<?>[0]);
        say("seen", web.seen);
        call("onStop", new Class<?>[0]);
        SystemClock.now += 20_000;
        Activity.started = null;
        call("onResume", new Class<?>[0]);
        say("asked again soon", Activity.started != null);
        call("onStop", new Class<?>[0]);
        SystemClock.now += 40_000;
        call("onResume", new Class<?>[0]);
        say("asked again later", Activity.started != null && web.seen == 4);
        result(0, null);
        say("not known", Activity.finished + " " + web.seen);
        KeyguardManager.locks = false;
        Activity.started = null;
        call("onResume", new Class<?>[0]);
        say("a phone without a lock", Activity.started == null);
    }

    private static void fails() {
        Thread.UncaughtExceptionHandler handler = Thread.getDefaultUncaughtExceptionHandler();
        say("no trouble yet", prompt(OWN, "lanai:trouble", ""));
        handler.uncaughtException(Thread.currentThread(), new IllegalStateException("Out of wax"));
        say("trouble for others", prompt(FOREIGN, "lanai:trouble", ""));
        String told = prompt(OWN, "lanai:trouble", "");
        say("trouble", told.replaceAll("[\\r\\n].*", "").replaceAll("(?s)\n.*", ""));
        say("trouble told once", prompt(OWN, "lanai:trouble", ""));
    }

    private static void goesBack(FrameLayout frame) {
        OnBackInvokedDispatcher.Kept dispatcher = (OnBackInvokedDispatcher.Kept) activity.dispatcher;
        web.client.doUpdateVisitedHistory(web, OWN, false);
        say("back wanted at the start", dispatcher.callback != null);
        activity.onBackPressed();
        say("left", Activity.left);
        web.hasBefore = true;
        web.client.doUpdateVisitedHistory(web, OWN + "#/one/1", false);
        say("back wanted further in", dispatcher.callback != null);
        activity.onBackPressed();
        say("back", web.wentBack);
        View video = new View();
        int[] ended = {0};
        web.chrome.onShowCustomView(video, () -> ended[0]++);
        say("covered", frame.views.contains(video));
        activity.onBackPressed();
        say("uncovered", !frame.views.contains(video) && ended[0] == 1 && web.wentBack == 1);
    }

    private static void edges(FrameLayout frame) {
        frame.insets.onApplyWindowInsets(frame, new WindowInsets(72, 0, 48, 0, 48));
        say("edges", web.ran + " " + frame.padding);
        frame.insets.onApplyWindowInsets(frame, new WindowInsets(72, 0, 900, 0, 48));
        say("keyboard", web.ran + " " + frame.padding);
        web.ran = "";
        web.client.onPageFinished(web, OWN);
        say("told anew", !web.ran.isEmpty());
    }

    private static void asks() throws Exception {
        for (String name : new String[] {"tick", "share", "save", "nothing"}) {
            Activity.started = null;
            String argument = name.equals("save") ? "{\"name\":\"mine.json\",\"type\":\"application/json\",\"text\":\"héllo\"}" : "Ahoy";
            say("own " + name, prompt(OWN, "lanai:" + name, argument) + " " + (Activity.started == null ? web.felt : Activity.started.action));
            say("foreign " + name, prompt(FOREIGN, "lanai:" + name, argument));
            web.felt = 0;
        }
        say("insecure tick", prompt("http://app.lanai.invalid/index.html", "lanai:tick", ""));
        say("own prompt", prompt(OWN, "Your name?", ""));
        say("broken save", prompt(OWN, "lanai:save", "no JSON"));
        prompt(OWN, "lanai:save", "{\"name\":\"mine.json\",\"type\":\"application/json\",\"text\":\"héllo\"}");
        result(-1, new Intent("", new Uri("content://files/mine.json")));
        File saved = new File(System.getProperty("cache"), "mine.json");
        say("saved file", saved.exists() ? Files.readString(saved.toPath()) : "none");

        chosen("picture", "image/*");
        chosen("file", "application/pdf");
        Intent.nobody = "android.intent.action.CHOOSER";
        chosen("where nobody can", "image/*");
        Intent.nobody = "";

        located("refused by the person", -2, null);
        located("refused to the system", -1, new int[] {-1, -1});
        located("broken off", -1, new int[] {});
        located("granted", -1, new int[] {0, -1});
        Context.granted = 0;
        located("granted before", 0, null);
        web.chrome.onGeolocationPermissionsShowPrompt(FOREIGN, (origin, allow, retain) -> say("located a foreign frame", allow));
    }

    private static String prompt(String url, String message, String preset) {
        JsPromptResult result = new JsPromptResult();
        web.chrome.onJsPrompt(web, url, message, preset, result);
        return result.answer;
    }

    private static void chosen(String what, String type) throws Exception {
        String[] got = {"waits"};
        ValueCallback<Uri[]> page = uris -> got[0] = uris == null ? "nothing" : Arrays.toString(uris);
        Activity.started = null;
        say("chooses a " + what, web.chrome.onShowFileChooser(web, page, new FileChooserParams(type)));
        if (Activity.started == null) return;
        Parcelable[] offered = (Parcelable[]) Activity.started.extras.get("android.intent.extra.INITIAL_INTENTS");
        say("offers for a " + what, offered == null ? "files" : ((Intent) offered[0]).action + " " + ((Intent) offered[0]).flags);
        if (!got[0].equals("waits")) {
            say("chosen " + what, got[0]);
            return;
        }
        String[] again = {"waits"};
        web.chrome.onShowFileChooser(web, uris -> again[0] = uris == null ? "nothing" : Arrays.toString(uris), new FileChooserParams(type));
        say("the first waiter of a " + what, got[0]);
        result(-1, new Intent("", new Uri("content://files/chosen")));
        say("chosen " + what, again[0]);
        web.chrome.onShowFileChooser(web, uris -> again[0] = uris == null ? "nothing" : Arrays.toString(uris), new FileChooserParams(type));
        result(0, null);
        say("not chosen " + what, again[0]);
        if (offered != null) taken(type);
    }

    private static void taken(String type) throws Exception {
        String[] got = {"waits"};
        web.chrome.onShowFileChooser(web, uris -> got[0] = uris == null ? "nothing" : Arrays.toString(uris), new FileChooserParams(type));
        Intent camera = (Intent) ((Parcelable[]) Activity.started.extras.get("android.intent.extra.INITIAL_INTENTS"))[0];
        Uri output = (Uri) camera.extras.get("output");
        say("camera writes to", output.toString().replaceAll("\\d+", "N") + (camera.clip.uri == output));
        ContentProvider provider = (ContentProvider) Class.forName("app.lanai.shell.Taken").getConstructor().newInstance();
        say("provider", provider.onCreate() + " " + provider.getType(output));
        result(-1, null);
        say("camera without a picture", got[0]);
        web.chrome.onShowFileChooser(web, uris -> got[0] = uris == null ? "nothing" : Arrays.toString(uris), new FileChooserParams(type));
        camera = (Intent) ((Parcelable[]) Activity.started.extras.get("android.intent.extra.INITIAL_INTENTS"))[0];
        output = (Uri) camera.extras.get("output");
        Files.writeString(provider.openFile(output, "w").file.toPath(), "a picture");
        result(-1, null);
        say("camera", got[0].replaceAll("\\d+", "N"));
        MatrixCursor known = (MatrixCursor) provider.query(output, null, null, null, null);
        say("known of it", known.columns + " " + known.rows.get(0).toString().replaceAll("\\d+\\.", "N."));
        say("reads", provider.openFile(output, "r").mode == 0x10000000);
        File outside = provider.openFile(new Uri("content://x.taken/..%2F..%2Fsecret"), "r").file;
        say("stays in its folder", outside.getParent().equals(System.getProperty("cache")) + " " + outside.getName());
    }

    private static void located(String how, int button, int[] granted) {
        AlertDialog.said = "";
        String[] got = {"waits"};
        web.chrome.onGeolocationPermissionsShowPrompt("https://app.lanai.invalid", (origin, allow, retain) -> got[0] = origin + " " + allow + " " + retain);
        if (AlertDialog.listener != null && button < 0) AlertDialog.listener.onClick(null, button);
        if (granted != null) activity.onRequestPermissionsResult(Activity.code, new String[0], granted);
        say("located, " + how, got[0]);
        if (!AlertDialog.said.isEmpty()) say("asked where it is", AlertDialog.said + " " + Activity.asked.size());
    }

    private static void result(int how, Intent data) throws Exception {
        call("onActivityResult", new Class<?>[] {int.class, int.class, Intent.class}, Activity.code, how, data);
    }

    private static void call(String name, Class<?>[] types, Object... values) throws Exception {
        Method method = activity.getClass().getDeclaredMethod(name, types);
        method.setAccessible(true);
        method.invoke(activity, values);
    }

    private static void say(String what, Object value) {
        System.out.println(what + ": " + value);
    }
}

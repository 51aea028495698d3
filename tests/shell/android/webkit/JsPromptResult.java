package android.webkit;

public class JsPromptResult {
    public String answer = "none";

    public void confirm(String text) {
        answer = "“" + text + "”";
    }

    public void cancel() {
        answer = "nothing";
    }
}

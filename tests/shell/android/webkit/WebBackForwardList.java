package android.webkit;

public class WebBackForwardList {}

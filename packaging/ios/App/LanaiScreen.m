#import "LanaiScreen.h"
#import "LanaiAbilities.h"
#import "LanaiFiles.h"
#import <SafariServices/SafariServices.h>

/// What a page says before the name of an ability.
static NSString *const Asks = @"lanai:";

@interface LanaiScreen () <WKUIDelegate, WKNavigationDelegate>
@property (nonatomic) WKWebView *web;
@property (nonatomic) NSArray<LanaiAbility *> *abilities;
@property (nonatomic, nullable, copy) NSString *first;
@property (nonatomic) CGFloat keyboard;
@end

@implementation LanaiScreen

+ (NSString *)placeOfLink:(NSURL *)link
{
    NSString *own = [NSBundle.mainBundle objectForInfoDictionaryKey:@"LanaiAddress"];
    BOOL isOurs = [link.absoluteString isEqualToString:own] || [link.absoluteString hasPrefix:[own stringByAppendingString:@"#"]];
    NSString *scheme = NSBundle.mainBundle.bundleIdentifier.lowercaseString;
    if (!isOurs && ![link.scheme.lowercaseString isEqualToString:scheme]) {
        return nil;
    }
    return [NSURLComponents componentsWithURL:link resolvingAgainstBaseURL:NO].percentEncodedFragment;
}

- (instancetype)initWithPlace:(NSString *)place
{
    self = [super initWithNibName:nil bundle:nil];
    if (self) {
        _first = [place copy];
    }
    return self;
}

- (void)viewDidLoad
{
    [super viewDidLoad];
    self.view.backgroundColor = [UIColor colorNamed:@"Ground"] ?: UIColor.systemBackgroundColor;
    self.abilities = [LanaiAbilities of:self];
    WKWebViewConfiguration *configuration = [[WKWebViewConfiguration alloc] init];
    [configuration setURLSchemeHandler:[[LanaiFiles alloc] init] forURLScheme:LanaiFiles.scheme];
    configuration.allowsInlineMediaPlayback = YES;
    configuration.mediaTypesRequiringUserActionForPlayback = WKAudiovisualMediaTypeNone;
    for (LanaiAbility *ability in self.abilities) {
        if (ability.script != nil) {
            WKUserScript *script = [[WKUserScript alloc] initWithSource:ability.script injectionTime:WKUserScriptInjectionTimeAtDocumentStart
                                                       forMainFrameOnly:YES];
            [configuration.userContentController addUserScript:script];
        }
    }
    self.web = [[WKWebView alloc] initWithFrame:self.view.bounds configuration:configuration];
    self.web.UIDelegate = self;
    self.web.navigationDelegate = self;
    // Until the page has come its ground is seen, without a flash of white.
    self.web.opaque = NO;
    self.web.scrollView.bounces = NO;
    self.web.scrollView.contentInsetAdjustmentBehavior = UIScrollViewContentInsetAdjustmentNever;
    [self.view addSubview:self.web];
    [NSNotificationCenter.defaultCenter addObserver:self selector:@selector(keyboardMoves:) name:UIKeyboardWillChangeFrameNotification object:nil];
    [self load:self.first];
}

- (void)viewDidLayoutSubviews
{
    [super viewDidLayoutSubviews];
    CGRect bounds = self.view.bounds;
    bounds.size.height -= self.keyboard;
    self.web.frame = bounds;
    [self tellEdges];
}

// The keyboard makes the page smaller.
- (void)keyboardMoves:(NSNotification *)notification
{
    CGRect frame = [notification.userInfo[UIKeyboardFrameEndUserInfoKey] CGRectValue];
    CGRect here = [self.view convertRect:frame fromView:nil];
    self.keyboard = fmax(0, CGRectGetMaxY(self.view.bounds) - CGRectGetMinY(here));
    [self.view setNeedsLayout];
}

// The page is told how far the phone's own bars reach into it, in pixels of the screen.
- (void)tellEdges
{
    UIEdgeInsets edges = self.view.safeAreaInsets;
    CGFloat scale = self.traitCollection.displayScale;
    CGFloat bottom = self.keyboard > 0 ? 0 : edges.bottom;
    [self tell:[NSString stringWithFormat:@"window.lanaiEdges&&lanaiEdges(%.0f,%.0f,%.0f,%.0f)", edges.top * scale, edges.right * scale, bottom * scale,
                                          edges.left * scale]];
}

- (void)tell:(NSString *)script
{
    [self.web evaluateJavaScript:script completionHandler:nil];
}

- (NSString *)place
{
    return [NSURLComponents componentsWithURL:self.web.URL resolvingAgainstBaseURL:NO].percentEncodedFragment ?: @"";
}

- (void)open:(NSString *)place
{
    if (place != nil) {
        [self load:place];
    }
}

- (void)cameBy:(NSURL *)link
{
    [self dismissViewControllerAnimated:YES completion:nil];
    [self open:[LanaiScreen placeOfLink:link]];
}

- (void)load:(NSString *)place
{
    NSURLComponents *address = [NSURLComponents componentsWithURL:LanaiFiles.start resolvingAgainstBaseURL:NO];
    address.percentEncodedFragment = place;
    [self.web loadRequest:[NSURLRequest requestWithURL:address.URL]];
}

- (void)shown
{
    for (LanaiAbility *ability in self.abilities) {
        [ability shown];
        [self open:[ability takePlace]];
    }
}

- (void)covered
{
    for (LanaiAbility *ability in self.abilities) {
        [ability covered];
    }
}

- (void)hidden
{
    for (LanaiAbility *ability in self.abilities) {
        [ability hidden];
    }
}

#pragma mark What the page asks of the phone

// The page asks by prompt("lanai:NAME", ARGUMENT), and the web view says which frame it was: whatever else is shown in the page gets nothing.
- (void)webView:(WKWebView *)web
    runJavaScriptTextInputPanelWithPrompt:(NSString *)prompt
    defaultText:(NSString *)argument
    initiatedByFrame:(WKFrameInfo *)frame
    completionHandler:(void (^)(NSString *_Nullable))answer
{
    if (!frame.isMainFrame || ![LanaiFiles isOwn:frame.securityOrigin] || ![prompt hasPrefix:Asks]) {
        answer(nil);
        return;
    }
    NSString *name = [prompt substringFromIndex:Asks.length];
    for (LanaiAbility *ability in self.abilities) {
        if ([ability.name isEqualToString:name]) {
            answer([ability answer:argument ?: @""]);
            return;
        }
    }
    answer(nil);
}

#pragma mark Where the page goes

- (void)webView:(WKWebView *)web
    decidePolicyForNavigationAction:(WKNavigationAction *)action
    decisionHandler:(void (^)(WKNavigationActionPolicy))decide
{
    NSURL *address = action.request.URL;
    BOOL isInside = action.targetFrame != nil && (!action.targetFrame.isMainFrame || [address.scheme isEqualToString:LanaiFiles.scheme]);
    if (!isInside) {
        [self leaveFor:address];
    }
    decide(isInside ? WKNavigationActionPolicyAllow : WKNavigationActionPolicyCancel);
}

// There is one page: what would open beside it has gone to leaveFor: already.
- (WKWebView *)webView:(WKWebView *)web
    createWebViewWithConfiguration:(WKWebViewConfiguration *)configuration
    forNavigationAction:(WKNavigationAction *)action
    windowFeatures:(WKWindowFeatures *)features
{
    return nil;
}

// Web pages open over the app, so that it is still there; a mail, a call or a map goes to the phone. A link of the app stays in it.
- (void)leaveFor:(NSURL *)address
{
    NSString *place = [LanaiScreen placeOfLink:address];
    NSString *scheme = address.scheme.lowercaseString;
    if (place != nil) {
        [self load:place];
    } else if ([scheme isEqualToString:@"https"] || [scheme isEqualToString:@"http"]) {
        [self presentViewController:[[SFSafariViewController alloc] initWithURL:address] animated:YES completion:nil];
    } else {
        [UIApplication.sharedApplication openURL:address options:@{} completionHandler:nil];
    }
}

- (void)webView:(WKWebView *)web didFinishNavigation:(WKNavigation *)navigation
{
    [self tellEdges];
    for (LanaiAbility *ability in self.abilities) {
        [ability loaded];
    }
}

// The system has ended the page to have its memory: it is opened again where it was.
- (void)webViewWebContentProcessDidTerminate:(WKWebView *)web
{
    [self load:self.place];
}

@end

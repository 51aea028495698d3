// What the shell uses of WebKit, declared anew (from memory), for the check on this computer alone.
#pragma once
#import <UIKit/UIKit.h>
#pragma clang assume_nonnull begin

@class WKWebView;

@interface WKSecurityOrigin : NSObject
@property (nonatomic, readonly, copy) NSString *protocol;
@property (nonatomic, readonly, copy) NSString *host;
@end
@interface WKFrameInfo : NSObject
@property (nonatomic, readonly, getter=isMainFrame) BOOL mainFrame;
@property (nonatomic, readonly) WKSecurityOrigin *securityOrigin;
@end
@interface WKNavigation : NSObject
@end
@interface WKWindowFeatures : NSObject
@end
@interface WKNavigationAction : NSObject
@property (nullable, nonatomic, readonly, copy) WKFrameInfo *targetFrame;
@property (nonatomic, readonly, copy) NSURLRequest *request;
@end
typedef enum : NSInteger { WKNavigationActionPolicyCancel, WKNavigationActionPolicyAllow } WKNavigationActionPolicy;

@protocol WKURLSchemeTask <NSObject>
@property (nonatomic, readonly, copy) NSURLRequest *request;
- (void)didReceiveResponse:(NSURLResponse *)response;
- (void)didReceiveData:(NSData *)data;
- (void)didFinish;
@end
@protocol WKURLSchemeHandler <NSObject>
- (void)webView:(WKWebView *)web startURLSchemeTask:(id<WKURLSchemeTask>)task;
- (void)webView:(WKWebView *)web stopURLSchemeTask:(id<WKURLSchemeTask>)task;
@end

enum { WKUserScriptInjectionTimeAtDocumentStart = 0, WKAudiovisualMediaTypeNone = 0 };
@interface WKUserScript : NSObject
- (instancetype)initWithSource:(NSString *)source injectionTime:(NSInteger)time forMainFrameOnly:(BOOL)mainFrameOnly;
@end
@interface WKUserContentController : NSObject
- (void)addUserScript:(WKUserScript *)script;
@end
@interface WKWebViewConfiguration : NSObject
@property (nonatomic) WKUserContentController *userContentController;
@property (nonatomic) BOOL allowsInlineMediaPlayback;
@property (nonatomic) NSUInteger mediaTypesRequiringUserActionForPlayback;
- (void)setURLSchemeHandler:(nullable id<WKURLSchemeHandler>)handler forURLScheme:(NSString *)scheme;
@end

@protocol WKUIDelegate <NSObject>
@optional
- (nullable WKWebView *)webView:(WKWebView *)web
    createWebViewWithConfiguration:(WKWebViewConfiguration *)configuration
               forNavigationAction:(WKNavigationAction *)action
                    windowFeatures:(WKWindowFeatures *)features;
- (void)webView:(WKWebView *)web
    runJavaScriptTextInputPanelWithPrompt:(NSString *)prompt
                              defaultText:(nullable NSString *)text
                         initiatedByFrame:(WKFrameInfo *)frame
                        completionHandler:(void (^)(NSString *_Nullable result))done;
@end
@protocol WKNavigationDelegate <NSObject>
@optional
- (void)webView:(WKWebView *)web
    decidePolicyForNavigationAction:(WKNavigationAction *)action
                    decisionHandler:(void (^)(WKNavigationActionPolicy))decide;
- (void)webView:(WKWebView *)web didFinishNavigation:(null_unspecified WKNavigation *)navigation;
- (void)webViewWebContentProcessDidTerminate:(WKWebView *)web;
@end

@interface WKWebView : UIView
@property (nullable, nonatomic, weak) id<WKUIDelegate> UIDelegate;
@property (nullable, nonatomic, weak) id<WKNavigationDelegate> navigationDelegate;
@property (nonatomic, readonly) UIScrollView *scrollView;
@property (nullable, nonatomic, readonly, copy) NSURL *URL;
- (instancetype)initWithFrame:(CGRect)frame configuration:(WKWebViewConfiguration *)configuration;
- (nullable WKNavigation *)loadRequest:(NSURLRequest *)request;
- (void)evaluateJavaScript:(NSString *)script completionHandler:(nullable void (^)(_Nullable id result, NSError *_Nullable error))done;
@end

#pragma clang assume_nonnull end

#import <UIKit/UIKit.h>
#import <WebKit/WebKit.h>

NS_ASSUME_NONNULL_BEGIN

/// One screen: a web view that loads the app's own files under one origin of their own, from edge to edge.
@interface LanaiScreen : UIViewController

@property (nonatomic, readonly) WKWebView *web;

/// Where somebody is in the app: what follows the # of its address.
@property (nonatomic, readonly, copy) NSString *place;

/// The place that a link of the app names after its #; nil for none, so also for a link that is none of its own.
+ (nullable NSString *)placeOfLink:(nullable NSURL *)link;

- (instancetype)initWithPlace:(nullable NSString *)place;

/// Goes to a place of the app; nowhere without one.
- (void)open:(nullable NSString *)place;

/// Somebody came by a link: what stood over the app goes, and the place that it names is opened. Without one all stays as it is.
- (void)cameBy:(nullable NSURL *)link;

/// Runs a line of the page's own language in the page.
- (void)tell:(NSString *)script;

- (void)shown;
- (void)covered;
- (void)hidden;

@end

NS_ASSUME_NONNULL_END

#import <WebKit/WebKit.h>

NS_ASSUME_NONNULL_BEGIN

/// Answers requests to the app's own origin from the files in the package.
@interface LanaiFiles : NSObject <WKURLSchemeHandler>

@property (class, nonatomic, readonly) NSString *scheme;

/// The address of the app's first page.
@property (class, nonatomic, readonly) NSURL *start;

/// Whether somebody who asks is of the app's own origin.
+ (BOOL)isOwn:(WKSecurityOrigin *)origin;

@end

NS_ASSUME_NONNULL_END

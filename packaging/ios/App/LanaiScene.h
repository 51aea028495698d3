#import <UIKit/UIKit.h>

NS_ASSUME_NONNULL_BEGIN

/// The window of the app: opens its screen at the place that a link, a message or the time before leads to.
@interface LanaiScene : UIResponder <UIWindowSceneDelegate>
@property (nonatomic, nullable) UIWindow *window;
@end

NS_ASSUME_NONNULL_END

#import <UIKit/UIKit.h>

NS_ASSUME_NONNULL_BEGIN

/// Stands in the sheets in which other programs share: keeps the text for the app, which opens the screen that takes it.
@interface LanaiShared : UIViewController
@end

NS_ASSUME_NONNULL_END

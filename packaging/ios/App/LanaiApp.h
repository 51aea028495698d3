#import <UIKit/UIKit.h>

NS_ASSUME_NONNULL_BEGIN

/// The program itself. What it shows is in LanaiScene.
@interface LanaiApp : UIResponder <UIApplicationDelegate>
@end

NS_ASSUME_NONNULL_END

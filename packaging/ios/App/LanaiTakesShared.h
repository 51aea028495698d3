#import "LanaiAbility.h"

NS_ASSUME_NONNULL_BEGIN

/// A text that another program shares opens the screen that takes it. It comes by the part of the package that stands in the sheets of others.
@interface LanaiTakesShared : LanaiAbility
@end

NS_ASSUME_NONNULL_END

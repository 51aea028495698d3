#import "LanaiAbility.h"

NS_ASSUME_NONNULL_BEGIN

/// Hands a text to another program that the person chooses.
@interface LanaiShares : LanaiAbility
@end

NS_ASSUME_NONNULL_END

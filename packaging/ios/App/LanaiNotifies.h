#import "LanaiAbility.h"

NS_ASSUME_NONNULL_BEGIN

/// Messages of the app: asks the person whether they may come, keeps where they are fetched from, and opens what was tapped.
@interface LanaiNotifies : LanaiAbility
@end

NS_ASSUME_NONNULL_END

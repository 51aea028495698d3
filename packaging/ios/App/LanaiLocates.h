#import "LanaiAbility.h"

NS_ASSUME_NONNULL_BEGIN

/// Tells the page where the phone is, once the person has said yes to the system's question, which shows the founder's reason.
@interface LanaiLocates : LanaiAbility
@end

NS_ASSUME_NONNULL_END

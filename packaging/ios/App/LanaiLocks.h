#import "LanaiAbility.h"

NS_ASSUME_NONNULL_BEGIN

/// What the app shows is seen once the phone knows who holds it, by face, finger or code; away for half a minute, it is asked again.
@interface LanaiLocks : LanaiAbility
@end

NS_ASSUME_NONNULL_END

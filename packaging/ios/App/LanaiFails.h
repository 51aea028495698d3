#import "LanaiAbility.h"

NS_ASSUME_NONNULL_BEGIN

/// Keeps what ended the app unasked; the page sends it to the founder when the app is opened again.
@interface LanaiFails : LanaiAbility
@end

NS_ASSUME_NONNULL_END

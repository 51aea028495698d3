#import "LanaiAbility.h"

NS_ASSUME_NONNULL_BEGIN

/// Writes a text into a file where the person wants it: {"name": ..., "type": ..., "text": ...}. No permission is needed for that.
@interface LanaiSaves : LanaiAbility
@end

NS_ASSUME_NONNULL_END

#import "LanaiAbility.h"

NS_ASSUME_NONNULL_BEGIN

/// A small tick under the finger, as the system has it for wheels that are turned.
@interface LanaiFeels : LanaiAbility
@end

NS_ASSUME_NONNULL_END

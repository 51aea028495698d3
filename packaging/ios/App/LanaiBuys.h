#import "LanaiAbility.h"

NS_ASSUME_NONNULL_BEGIN

/// Buys by the sheet of the phone's own store. What was bought is told to the page until the server has it; only then is it done with.
@interface LanaiBuys : LanaiAbility
@end

NS_ASSUME_NONNULL_END

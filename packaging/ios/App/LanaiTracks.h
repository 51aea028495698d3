#import "LanaiAbility.h"

NS_ASSUME_NONNULL_BEGIN

/// Asks by the system's own question whether networks of adverts may know somebody again; the system asks it once.
@interface LanaiTracks : LanaiAbility
@end

NS_ASSUME_NONNULL_END

#import "LanaiAbility.h"

NS_ASSUME_NONNULL_BEGIN

/// What this app asks of the phone.
@interface LanaiAbilities : NSObject

/// Those of this app, in the order in which they are asked.
@property (class, nonatomic, readonly) NSArray<Class> *classes;

+ (NSArray<LanaiAbility *> *)of:(LanaiScreen *)screen;

@end

NS_ASSUME_NONNULL_END

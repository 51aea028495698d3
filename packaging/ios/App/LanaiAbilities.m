#import "LanaiAbilities.h"
{{imports}}

@implementation LanaiAbilities

+ (NSArray<Class> *)classes
{
    return @[ {{classes}} ];
}

+ (NSArray<LanaiAbility *> *)of:(LanaiScreen *)screen
{
    NSMutableArray<LanaiAbility *> *all = [NSMutableArray array];
    for (Class ability in self.classes) {
        [all addObject:[(LanaiAbility *)[ability alloc] initWithScreen:screen]];
    }
    return all;
}

@end

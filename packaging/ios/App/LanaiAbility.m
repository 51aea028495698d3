#import "LanaiAbility.h"

@implementation LanaiAbility

+ (void)begin
{
}

- (instancetype)initWithScreen:(LanaiScreen *)screen
{
    self = [super init];
    if (self) {
        _screen = screen;
    }
    return self;
}

- (NSString *)name
{
    return @"";
}

- (NSString *)script
{
    return nil;
}

- (NSString *)answer:(NSString *)argument
{
    return nil;
}

- (NSString *)takePlace
{
    return nil;
}

- (void)loaded
{
}

- (void)shown
{
}

- (void)covered
{
}

- (void)hidden
{
}

@end

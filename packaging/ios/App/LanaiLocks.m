#import "LanaiLocks.h"
#import "LanaiScreen.h"
#import <LocalAuthentication/LocalAuthentication.h>
#import <time.h>

/// Nanoseconds.
static const uint64_t Soon = 30ull * 1000 * 1000 * 1000;

@interface LanaiLocks ()
@property (nonatomic) UIView *cover;
@property (nonatomic) BOOL isOpen;
@property (nonatomic) BOOL isAsking;
@property (nonatomic) uint64_t left;
@end

@implementation LanaiLocks

- (instancetype)initWithScreen:(LanaiScreen *)screen
{
    self = [super initWithScreen:screen];
    if (self) {
        _cover = [[UIView alloc] initWithFrame:screen.view.bounds];
        _cover.backgroundColor = [UIColor colorNamed:@"Ground"] ?: UIColor.systemBackgroundColor;
        _cover.autoresizingMask = UIViewAutoresizingFlexibleWidth | UIViewAutoresizingFlexibleHeight;
        UIButton *again = [UIButton buttonWithType:UIButtonTypeSystem];
        again.frame = _cover.bounds;
        again.autoresizingMask = _cover.autoresizingMask;
        [again setTitle:NSLocalizedString(@"unlock", nil) forState:UIControlStateNormal];
        [again addTarget:self action:@selector(ask) forControlEvents:UIControlEventTouchUpInside];
        [_cover addSubview:again];
    }
    return self;
}

// Nothing of it among the pictures of the open programs either.
- (void)covered
{
    self.cover.frame = self.screen.view.bounds;
    [self.screen.view addSubview:self.cover];
}

- (void)hidden
{
    self.left = clock_gettime_nsec_np(CLOCK_MONOTONIC_RAW);
}

- (void)shown
{
    if (self.isAsking) {
        return;
    }
    if (self.isOpen && (self.left == 0 || clock_gettime_nsec_np(CLOCK_MONOTONIC_RAW) - self.left < Soon)) {
        [self open];
        return;
    }
    self.isOpen = NO;
    [self covered];
    [self ask];
}

- (void)ask
{
    LAContext *context = [[LAContext alloc] init];
    NSError *error;
    if (![context canEvaluatePolicy:LAPolicyDeviceOwnerAuthentication error:&error] && error.code == LAErrorPasscodeNotSet) {
        // A phone without a lock of its own keeps nobody out.
        [self open];
        return;
    }
    self.isAsking = YES;
    [context evaluatePolicy:LAPolicyDeviceOwnerAuthentication localizedReason:NSLocalizedString(@"lock.reason", nil) reply:^(BOOL knows, NSError *wrong) {
        dispatch_async(dispatch_get_main_queue(), ^{
            self.isAsking = NO;
            if (knows) {
                [self open];
            }
        });
    }];
}

- (void)open
{
    self.isOpen = YES;
    self.left = 0;
    [self.cover removeFromSuperview];
}

@end

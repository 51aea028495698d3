#import "LanaiTracks.h"
#import "LanaiScreen.h"
#import <AppTrackingTransparency/AppTrackingTransparency.h>

@implementation LanaiTracks

- (NSString *)name
{
    return @"tracking";
}

- (NSString *)answer:(NSString *)argument
{
    [ATTrackingManager requestTrackingAuthorizationWithCompletionHandler:^(ATTrackingManagerAuthorizationStatus status) {
        BOOL may = status == ATTrackingManagerAuthorizationStatusAuthorized;
        dispatch_async(dispatch_get_main_queue(), ^{
            [self.screen tell:may ? @"window.lanaiTracking&&lanaiTracking(true)" : @"window.lanaiTracking&&lanaiTracking(false)"];
        });
    }];
    return @"asked";
}

@end

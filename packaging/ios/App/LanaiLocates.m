#import "LanaiLocates.h"
#import "LanaiScreen.h"
#import <CoreLocation/CoreLocation.h>

@interface LanaiLocates () <CLLocationManagerDelegate>
@property (nonatomic) CLLocationManager *manager;
@property (nonatomic) BOOL waits;
@end

@implementation LanaiLocates

- (NSString *)name
{
    return @"locate";
}

// The page asks as any page does (W3C, Geolocation); what it asks comes here.
- (NSString *)script
{
    NSURL *file = [NSBundle.mainBundle URLForResource:@"locates" withExtension:@"js"];
    return [NSString stringWithContentsOfURL:file encoding:NSUTF8StringEncoding error:nil];
}

- (NSString *)answer:(NSString *)argument
{
    if (self.manager == nil) {
        self.manager = [[CLLocationManager alloc] init];
        self.manager.delegate = self;
        self.manager.desiredAccuracy = kCLLocationAccuracyNearestTenMeters;
    }
    self.waits = YES;
    [self goOn];
    return @"asked";
}

- (void)goOn
{
    switch (self.manager.authorizationStatus) {
        case kCLAuthorizationStatusNotDetermined:
            [self.manager requestWhenInUseAuthorization];
            break;
        case kCLAuthorizationStatusAuthorizedWhenInUse:
        case kCLAuthorizationStatusAuthorizedAlways:
            [self.manager requestLocation];
            break;
        default:
            // 1: the person does not want it (W3C, Geolocation, GeolocationPositionError).
            [self tell:@"lanaiNotHere(1)"];
    }
}

- (void)tell:(NSString *)script
{
    self.waits = NO;
    [self.screen tell:[NSString stringWithFormat:@"window.lanaiHere&&%@", script]];
}

// It is also told when nobody has asked.
- (void)locationManagerDidChangeAuthorization:(CLLocationManager *)manager
{
    if (self.waits && manager.authorizationStatus != kCLAuthorizationStatusNotDetermined) {
        [self goOn];
    }
}

- (void)locationManager:(CLLocationManager *)manager didUpdateLocations:(NSArray<CLLocation *> *)locations
{
    CLLocation *here = locations.lastObject;
    [self tell:[NSString stringWithFormat:@"lanaiHere(%.6f,%.6f,%.1f)", here.coordinate.latitude, here.coordinate.longitude, here.horizontalAccuracy]];
}

- (void)locationManager:(CLLocationManager *)manager didFailWithError:(NSError *)error
{
    // 2: it cannot be found out.
    [self tell:error.code == kCLErrorDenied ? @"lanaiNotHere(1)" : @"lanaiNotHere(2)"];
}

@end
